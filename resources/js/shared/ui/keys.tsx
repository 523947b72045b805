import { Sheet } from '@/shared/ui/sheet';
import { kinds } from '@/types/kinds';

const KEYS: [string, string][] = [
    ['Enter', 'store the reading, take the number for the suggested one'],
    ['↓ ↑', 'other suggested reading (in the empty reading line)'],
    ['Esc', 'empty the reading line, let go of what is chosen'],
    ['u', 'millimetres or inches (in the empty line, or Alt+u)'],
    ['Alt+z', 'undo the last reading or strike'],
    ['Alt+s', 'strike the chosen reading'],
    ['Alt+b', 'the suggested reading cannot be taken'],
    ['Alt+i', 'take the suggested reading from the instrument'],
    ['Alt+t', 'measuring tour'],
    ['Alt + and Alt −', 'enlarge deviations more or less'],
    [', and .', 'drawing smaller and larger; wheel or two fingers as well'],
    ['f', 'fit the drawing'],
    ['← →', 'move a cut by 10 mm, with Shift by 100, with Alt by 1'],
    ['Page Up, Page Down, Home, End', 'move a cut by 100 mm, to either end of the rail'],
    ['?', 'this sheet'],
];

const CALLS: [string, string][] = [
    ...kinds.map(({ example, label }): [string, string] => [example, label]),
    ['BL DR 62 7/16 in', 'a length in inches'],
    ['BL DR 62 7/16 strong', 'half a division more; light: less'],
    ['B left D right 16 3/8', 'names in words; a fraction is inches, also in a millimetre job'],
    ['BL DR 1204 @100,250', 'tram with pointers of unequal length'],
    ['BL DR 1190 near', 'between the edges that face each other; far for the outer ones'],
];

function Rows({ rows }: { rows: [string, string][] }) {
    return (
        <dl className="mt-2 grid grid-cols-[max-content_1fr] gap-x-5 gap-y-1.5">
            {rows.map(([key, meaning]) => (
                <div key={key} className="contents">
                    <dt className="font-medium whitespace-nowrap">{key}</dt>
                    <dd className="text-soft">{meaning}</dd>
                </div>
            ))}
        </dl>
    );
}

export function Keys({ open, onOpenChange }: { open: boolean; onOpenChange: (open: boolean) => void }) {
    return (
        <Sheet open={open} onOpenChange={onOpenChange} title="Keys and calls">
            <h3 className="text-lg">Keys</h3>
            <Rows rows={KEYS} />
            <h3 className="mt-5 text-lg">What the reading line understands</h3>
            <Rows rows={CALLS} />
        </Sheet>
    );
}
