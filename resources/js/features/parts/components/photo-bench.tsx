import { router } from '@inertiajs/react';
import { useState, type ChangeEvent } from 'react';
import { PartsPages } from '@/features/parts/components/parts-pages';
import { PhotoPicture, type Pixel } from '@/features/parts/components/photo-picture';
import { useUnits } from '@/shared/hooks/units';
import { send } from '@/shared/lib/http';
import { path } from '@/shared/lib/path';
import { Button } from '@/shared/ui/button';
import { Field } from '@/shared/ui/field';
import { Results } from '@/shared/ui/results';
import { Segmented } from '@/shared/ui/segmented';
import { Select } from '@/shared/ui/select';
import { Trouble } from '@/shared/ui/trouble';
import type { JobProps, PartsProps, PictureProps, ToolProps } from '@/types/props';

type Picking = 'control' | 'contour' | 'check';

const PICKING = [
    { value: 'control', label: '1 Measured points' },
    { value: 'contour', label: '2 Contour' },
    { value: 'check', label: '3 Check length' },
];

interface Result {
    points: { sigma: number[] }[];
    check: { agrees: boolean } | null;
}

/** A plate out of a photograph: points measured by tape on the face, then its contour, then a length that is kept out of the fit. */
export function PhotoBench({ job, initial, tool }: { job: JobProps; initial: PictureProps[]; tool: ToolProps }) {
    const { unit } = useUnits();
    const [pictures, setPictures] = useState(initial);
    const [open, setOpen] = useState(initial.at(-1)?.id ?? null);
    const [picking, setPicking] = useState<Picking>('control');
    const [controls, setControls] = useState<{ pixel: Pixel; at: string }[]>([]);
    const [contour, setContour] = useState<Pixel[]>([]);
    const [check, setCheck] = useState<Pixel[]>([]);
    const [taped, setTaped] = useState('');
    const [title, setTitle] = useState('');
    const [result, setResult] = useState<Record<string, unknown> | null>(null);
    const [trouble, setTrouble] = useState<string | null>(null);
    const picture = pictures.find((one) => one.id === open);
    const told = result as Result | null;
    const fail = (message: string | null) => {
        setTrouble(message);
        if (message) setResult(null);
    };
    const upload = async (event: ChangeEvent<HTMLInputElement>) => {
        const file = event.target.files?.[0];
        event.target.value = '';
        if (!file) return;
        const body = new FormData();
        body.append('file', file);
        const answer = await send<PictureProps[]>('POST', path('photo.keep', { job: job.id }), body, {
            signal: AbortSignal.timeout(120_000),
        });
        if (answer.state === 'ok') {
            setPictures(answer.body);
            setOpen(answer.body.at(-1)?.id ?? null);
            anew();
        }
        fail(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
    };
    const anew = () => {
        setControls([]);
        setContour([]);
        setCheck([]);
        setResult(null);
        setPicking('control');
    };
    const pick = (pixel: Pixel) => {
        setResult(null);
        if (picking === 'control') setControls([...controls, { pixel, at: '' }]);
        else if (picking === 'contour') setContour([...contour, pixel]);
        else setCheck(check.length === 2 ? [pixel] : [...check, pixel]);
    };
    const back = () => {
        setResult(null);
        if (picking === 'control') setControls(controls.slice(0, -1));
        else if (picking === 'contour') setContour(contour.slice(0, -1));
        else setCheck(check.slice(0, -1));
    };
    const values = {
        control: controls.map((one) => ({ pixel: one.pixel.join(' '), at: one.at })),
        contour: contour.map((one) => one.join(', ')).join('\n'),
        ...(check.length === 2 && taped !== '' && { check: { from: check[0]?.join(' '), to: check[1]?.join(' '), length: taped } }),
    };
    const work = async () => {
        const answer = await send<Record<string, unknown>>('POST', path('tool.calculate', { tool: tool.name }), { unit, values });
        if (answer.state === 'ok') setResult(answer.body);
        fail(answer.state === 'ok' || answer.state === 'nothing' ? null : answer.message);
    };
    const keep = async () => {
        const body = { tool: tool.name, unit, values, title, count: 1, side: 'either', stock: '', material: '' };
        const answer = await send<PartsProps>('POST', path('parts.keep', { job: job.id }), body);
        const kept = answer.state === 'ok' ? answer.body.parts.at(-1) : undefined;
        if (kept) router.visit(path('part', { job: job.id, part: kept.id }));
        else if (answer.state !== 'ok' && answer.state !== 'nothing') setTrouble(answer.message);
    };
    return (
        <div className="flex min-h-0 flex-1 flex-col gap-4 bg-paper p-4 lg:overflow-y-auto [&>*]:shrink-0" tabIndex={-1}>
            <PartsPages job={job.id} current="photo" />
            <p className="max-w-prose text-soft">
                Mark four points or more on the face, better six, measured by tape from one corner: along, up. The contour stays between
                them. Keep it in the middle two thirds of the picture; an edge that stands off the face is shifted.
            </p>
            <div className="flex flex-wrap items-end gap-3">
                {pictures.length > 0 && (
                    <Select
                        label="Picture"
                        value={String(open ?? '')}
                        choices={pictures.map((one) => ({ value: String(one.id), label: one.name }))}
                        onChange={(id) => {
                            setOpen(Number(id));
                            anew();
                        }}
                    />
                )}
                {job.can.work && (
                    <label className="inline-flex min-h-11 cursor-pointer items-center rounded-[3px] border border-ink px-4 font-medium focus-within:outline-3">
                        {pictures.length === 0 ? 'Take or choose a picture' : 'Another picture'}
                        <input
                            type="file"
                            accept="image/jpeg,image/png,image/webp"
                            className="sr-only"
                            onChange={(event) => void upload(event)}
                        />
                    </label>
                )}
            </div>
            {trouble && (
                <div role="alert">
                    <Trouble title="Not worked out">{trouble}</Trouble>
                </div>
            )}
            {picture && (
                <div className="grid grid-cols-[minmax(0,1fr)] gap-4 xl:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
                    <div className="grid content-start gap-3">
                        <div className="flex flex-wrap items-center gap-3">
                            <Segmented
                                label="A tap picks"
                                value={picking}
                                choices={PICKING}
                                onChange={(value) => setPicking(value as Picking)}
                            />
                            <Button look="quiet" onClick={back}>
                                Take the last back
                            </Button>
                        </div>
                        <PhotoPicture
                            picture={picture}
                            controls={controls.map((one) => one.pixel)}
                            contour={contour}
                            check={check}
                            sure={told?.points.map((one) => Math.max(...one.sigma)) ?? []}
                            onPick={pick}
                        />
                    </div>
                    <div className="grid content-start gap-3">
                        {controls.map((one, i) => (
                            <Field
                                key={i}
                                label={`Point ${i + 1}: along, up, ${unit}`}
                                value={one.at}
                                placeholder="0, 0"
                                onChange={(event) =>
                                    setControls(controls.map((other, n) => (n === i ? { ...other, at: event.target.value } : other)))
                                }
                            />
                        ))}
                        {controls.length < 4 && <p className="text-soft">{4 - controls.length} more measured points at least.</p>}
                        {check.length === 2 && (
                            <Field
                                label={`The dashed length taped, ${unit}`}
                                value={taped}
                                onChange={(event) => setTaped(event.target.value)}
                            />
                        )}
                        <Button look={result ? 'plain' : 'now'} className="justify-self-start" onClick={() => void work()}>
                            Work it out
                        </Button>
                        {result && (
                            <>
                                {told?.check?.agrees === false && (
                                    <Trouble title="The taped length does not agree">
                                        No contour is drawn until it is explained: a point that is not what it is called, a face that is not
                                        flat, or a misread tape.
                                    </Trouble>
                                )}
                                <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="What comes of it">
                                    <Results results={tool.results} values={result} unit={unit} source={tool.source} />
                                </div>
                                {job.can.work && told?.check?.agrees !== false && (
                                    <div className="flex flex-wrap items-end gap-3">
                                        <Field
                                            label="What it is called"
                                            value={title}
                                            maxLength={120}
                                            onChange={(event) => setTitle(event.target.value)}
                                        />
                                        <Button look="now" onClick={() => void keep()}>
                                            Keep it as a part
                                        </Button>
                                    </div>
                                )}
                            </>
                        )}
                    </div>
                </div>
            )}
        </div>
    );
}
