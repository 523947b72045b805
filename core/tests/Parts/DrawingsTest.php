<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\Plates\Contour;
use Geodex\Core\Calculators\Plates\Edge;
use Geodex\Core\Parts\Files\DxfReader;
use Geodex\Core\Parts\Files\DxfWriter;
use Geodex\Core\Parts\Files\SvgWriter;
use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\PartDrawings;
use Geodex\Core\Parts\Stroke;

/** @return array<string, array{string, array<string, mixed>}> tool and input of every worked case that is drawn */
function drawnCases(): array
{
    $cases = [];
    foreach ((array) glob(dirname(__DIR__).'/cases/calc/*.json') as $file) {
        $case = json_decode((string) file_get_contents((string) $file), true);
        if (PartDrawings::draws($case['tool']) && ! isset($case['expected']['error'])) {
            $cases[basename((string) $file, '.json')] = [$case['tool'], $case['input']];
        }
    }

    return $cases;
}

/** Where the upper edge of a wrap stands over a place round the tube. */
function edgeAt(PartDrawing $drawing, float $round): float
{
    $high = -INF;
    foreach ($drawing->cuts()[0]->edges as $edge) {
        [$a, $b] = [$edge->from, $edge->to];
        if (abs($a[0] - $b[0]) > 1e-9 && min($a[0], $b[0]) <= $round + 1e-9 && max($a[0], $b[0]) >= $round - 1e-9) {
            $high = max($high, $a[1] + ($b[1] - $a[1]) * ($round - $a[0]) / ($b[0] - $a[0]));
        }
    }

    return $high;
}

describe('drawings of parts', function (): void {
    it('start at the origin, and are themselves when mirrored twice', function (string $tool, array $input): void {
        foreach (PartDrawings::of($tool, $input) as $drawing) {
            $twice = $drawing->reflected()->reflected();
            expect(DxfWriter::write($twice))->toBe(DxfWriter::write($drawing))
                ->and($drawing->width)->toBeGreaterThan(0.0)
                ->and(DxfWriter::write($drawing->reflected()))->toContain('AC1015');
            foreach ($drawing->strokes as $stroke) {
                foreach ($stroke->flattened(0.01) as [$x, $y]) {
                    expect($x)->toBeGreaterThan(-1e-6)->toBeLessThan($drawing->width + 1e-6)
                        ->and($y)->toBeGreaterThan(-1e-6);
                }
            }
        }
    })->with(drawnCases());

    it('of a cope is as long as paper round the tube, with its overlap, and cut where the calculator says', function (): void {
        $input = ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['diameter' => 45], 'angle' => 60, 'offset' => 3];
        $drawing = PartDrawings::of('cope', $input)[0];
        $told = Calculators::run('cope', [...$input, 'stations' => 12]);
        expect($drawing->width)->toEqualWithDelta(M_PI * 38.1 + 10, 1e-6);
        foreach ($told['stations'] as $station) {
            expect(edgeAt($drawing, $station['wrap']) - edgeAt($drawing, 0.0))->toEqualWithDelta($told['stations'][0]['cut'] - $station['cut'], 0.02);
        }
        expect(edgeAt($drawing, M_PI * 38.1 + 5))->toEqualWithDelta(edgeAt($drawing, 5.0), 0.02);
    });

    it('of a cope on the other side is its mirror image', function (): void {
        $input = ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['diameter' => 60], 'angle' => 60];
        $left = PartDrawings::of('cope', [...$input, 'offset' => 5])[0]->reflected();
        $right = PartDrawings::of('cope', [...$input, 'offset' => -5])[0];
        // Both papers lap over at their right end: the turn of the mirrored one starts after its overlap.
        foreach ([0.0, 20.0, 60.0, 100.0] as $round) {
            expect(edgeAt($left, 10 + $round))->toEqualWithDelta(edgeAt($right, $round), 0.02);
        }
    });

    it('of a mitre falls by the long point past the short over half a turn', function (): void {
        $drawing = PartDrawings::of('mitre', ['deflection' => 50, 'first' => ['diameter' => 40]])[0];
        expect(edgeAt($drawing, 0.0) - edgeAt($drawing, M_PI * 40.1 / 2))->toEqualWithDelta(40 * tan(deg2rad(25)), 1e-3)
            ->and(PartDrawings::of('mitre', ['deflection' => 50, 'first' => ['diameter' => 50], 'second' => ['diameter' => 40]]))->toHaveCount(2);
    });

    it('of an arch are pieces whose edges and areas are those of the bar', function (): void {
        $cuts = PartDrawings::of('arch', ['kind' => 'mitred', 'width' => 900, 'rise' => 70, 'centre' => 260, 'depth' => 50, 'angle' => 45])[0]->cuts();
        $areas = array_map(fn (Stroke $one): float => Contour::loopArea($one->edges), $cuts);
        expect($areas)->toEqualWithDelta([250 * 50, 70 * M_SQRT2 * 50, 260 * 50], 1e-6);
    });

    it('of a plate have its windows inside, its slots round at both ends, and its holes as circles', function (): void {
        $drawing = PartDrawings::of('offset-contour', [
            'contour' => [[0, 0], [700, 0], [700, 180], [0, 180]], 'offset' => 10, 'cornerRadius' => 6, 'thickness' => 6, 'windows' => [['at' => [350, 90], 'length' => 160, 'height' => 60, 'radius' => 20], ['at' => [600, 90], 'length' => 20, 'height' => 20, 'radius' => 10]], 'bendLines' => [['from' => [200, -50], 'to' => [200, 300]]],
        ])[0];
        expect(array_map(fn (Stroke $one): Layer => $one->layer, $drawing->cuts()))->toBe([Layer::Inner, Layer::Inner, Layer::Cut])->and($drawing->holes)->toHaveCount(1)->and($drawing->holes[0]->diameter)->toBe(20.0)
            ->and(Contour::loopArea($drawing->cuts()[1]->edges))->toEqualWithDelta((140 - 12) * 12 + M_PI * 36, 1e-6)->and($drawing->width)->toEqualWithDelta(700.0, 1e-6);
    });

    it('hold nothing where the length kept out of a picture does not agree', function (): void {
        $input = json_decode((string) file_get_contents(dirname(__DIR__).'/cases/calc/photo-contour-01.json'), true)['input'];
        $from = $input['contour'][0];
        $to = $input['contour'][1];
        expect(PartDrawings::of('photo-contour', [...$input, 'check' => ['from' => $from, 'to' => $to, 'length' => 9999]]))->toBe([]);
    });

    it('come for tools that draw, and not for others', function (): void {
        expect(PartDrawings::of('torque', ['anything' => 1]))->toBe([])
            ->and(PartDrawings::draws('cope'))->toBeTrue()
            ->and(PartDrawings::draws('torque'))->toBeFalse();
    });
});

describe('a DXF file', function (): void {
    it('of every part is clean to an auditor that others wrote', function (): void {
        $folder = sys_get_temp_dir().'/geodex-dxf-'.getmypid();
        mkdir($folder);
        $many = 0;
        foreach (drawnCases() as $name => [$tool, $input]) {
            foreach (PartDrawings::of($tool, $input) as $i => $drawing) {
                file_put_contents("$folder/$name-$i.dxf", DxfWriter::write($drawing));
                $many++;
            }
        }
        $odd = PartDrawing::of("bad\nname", [Stroke::box(Layer::Cut, 0, 0, 10, 10)], [new Hole(Layer::Drill, [5, 5], 2)], [new Note([1, 1], "⌀ 20 %%c Größe\n0\nLINE")]);
        file_put_contents("$folder/odd.dxf", DxfWriter::write($odd));
        exec('/usr/bin/python3 '.escapeshellarg(__DIR__.'/audit.py').' '.escapeshellarg($folder).' 2>&1', $said);
        array_map(unlink(...), (array) glob("$folder/*"));
        rmdir($folder);
        expect($said)->toBe([(string) ($many + 1)]);
    });

    it('comes back as it was: areas, holes, arcs as arcs', function (string $tool, array $input): void {
        foreach (PartDrawings::of($tool, $input) as $drawing) {
            $cuts = $drawing->cuts();
            expect($drawing->layers())->not->toBe([]);
            if ($cuts === []) {
                continue;
            }
            $outline = DxfReader::read(DxfWriter::write($drawing));
            $areas = array_map(fn (Stroke $one): float => Contour::loopArea($one->edges), $cuts);
            expect(array_map(fn (array $loop): float => round(Contour::loopArea($loop), 3), array_values(array_unique($outline->loops, SORT_REGULAR))))->toContain(round(max(array_map(abs(...), $areas)), 3));
        }
    })->with(drawnCases());

    it('of other makers is read: inches, blocks turned and mirrored, splines, old polylines, lines end to end, nothing twice', function (string $file, array $areas, string $says): void {
        $outline = DxfReader::read((string) file_get_contents(dirname(__DIR__)."/cases/dxf/$file.dxf"));
        expect(array_map(fn (array $loop): float => round(Contour::loopArea($loop), 1), $outline->loops))->toEqualWithDelta($areas, 0.2)
            ->and(implode(' ', $outline->plate()['notes']))->toContain($says);
    })->with([
        ['lines', [5000.0], ''],
        ['inch', [5161.3, 126.7], '25.4'],
        ['slot', [4000 + M_PI * 400], ''],
        ['block', [4 * (1500 + M_PI * 112.5), M_PI * 100], ''],
        ['poly2d', [5436.8], 'no unit'],
        ['twice', [8.0], ''],
        ['spline', [13012.7], '0.05 mm'],
    ]);

    it('gives a plate its round holes as windows', function (): void {
        $plate = DxfReader::read((string) file_get_contents(dirname(__DIR__).'/cases/dxf/inch.dxf'))->plate();
        expect($plate['windows'])->toHaveCount(1)->and($plate['windows'][0]['at'])->toEqualWithDelta([50.8, 25.4], 1e-6)->and($plate['windows'][0]['radius'])->toEqualWithDelta(6.35, 1e-6)
            ->and(Calculators::run('offset-contour', ['contour' => $plate['contour'], 'windows' => $plate['windows'], 'offset' => 0])['netArea'])->toEqualWithDelta(5161.28 - M_PI * 6.35 ** 2, 1e-3);
    });

    it('that is none, stands in space, never closes or has no end is refused in words', function (string $file, string $says): void {
        expect(fn () => DxfReader::read($file))->toThrow(Geodex\Core\Parts\Files\UnreadableDxf::class, $says);
    })->with([
        'nothing' => ['', 'nothing is drawn'],
        'a picture' => ["\x89PNG\r\n\x1a\n0000", 'no group code'],
        'binary' => ["AutoCAD Binary DXF\r\n\x1a\x00", 'ASCII'],
        'in space' => [(string) file_get_contents(dirname(__DIR__).'/cases/dxf/high.dxf'), 'in space'],
        'a face' => [(string) file_get_contents(dirname(__DIR__).'/cases/dxf/face.dxf'), '3DFACE'],
        'one line' => ["0\nSECTION\n2\nENTITIES\n0\nLINE\n10\n0\n20\n0\n11\n5\n21\n5\n0\nENDSEC\n0\nEOF\n", 'meet at their ends'],
        'no number' => ["0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n10\nx\n20\n0\n40\n5\n0\nENDSEC\n", 'no number'],
        'a block that is not there' => ["0\nSECTION\n2\nENTITIES\n0\nINSERT\n2\nP\n0\nENDSEC\n", 'not in the file'],
        'furlongs' => ["0\nSECTION\n2\nHEADER\n9\n\$INSUNITS\n70\n9\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nCIRCLE\n10\n0\n20\n0\n40\n5\n0\nENDSEC\n", 'INSUNITS 9'],
        'a block in itself' => ["0\nSECTION\n2\nBLOCKS\n0\nBLOCK\n2\nP\n0\nINSERT\n2\nP\n0\nENDBLK\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n0\nINSERT\n2\nP\n0\nENDSEC\n", 'too deep'],
        'a million corners' => [fn (): string => "0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n90\n1000000\n70\n1\n".str_repeat("10\n1\n20\n2\n10\n3\n20\n4\n", 500_000)."0\nENDSEC\n", 'More than 600000 lines'],
        'thirty thousand corners' => [fn (): string => "0\nSECTION\n2\nENTITIES\n0\nLWPOLYLINE\n70\n1\n".str_repeat("10\n1\n20\n2\n10\n3\n20\n4\n", 15_000)."0\nENDSEC\n", 'More than 20000 edges'],
    ]);
});

describe('an SVG file', function (): void {
    it('is well formed, as large as life in millimetres, with a group for each layer', function (string $tool, array $input): void {
        foreach (PartDrawings::of($tool, $input) as $drawing) {
            $svg = simplexml_load_string(SvgWriter::write($drawing));
            $box = explode(' ', (string) $svg['viewBox']);
            expect((string) $svg['width'])->toBe(sprintf('%.3Fmm', $drawing->width + 4))
                ->and((float) $box[2])->toEqualWithDelta($drawing->width + 4, 1e-3)
                ->and((float) $box[3])->toEqualWithDelta($drawing->height + 4, 1e-3)
                ->and(count($svg->g))->toBe(count($drawing->layers()));
        }
    })->with(drawnCases());

    it('keeps words words', function (): void {
        expect(SvgWriter::write(PartDrawing::of('<script>', [Stroke::box(Layer::Cut, 0, 0, 1, 1)], [], [new Note([0, 0], '"><script>&')])))->not->toContain('<script')->toContain('&lt;script&gt;');
    });
});

describe('a line', function (): void {
    it('is flattened within what it may leave an arc by: 32 sides for a hole of 20', function (): void {
        $quarter = tan(M_PI / 8);
        $circle = Stroke::loop(Layer::Cut, [Edge::between([10, 0], [0, 10], $quarter), Edge::between([0, 10], [-10, 0], $quarter), Edge::between([-10, 0], [0, -10], $quarter), Edge::between([0, -10], [10, 0], $quarter)]);
        expect(count($circle->flattened(0.05)) - 1)->toBe(32);
    });

    it('needs two places', function (): void {
        expect(fn () => Stroke::through(Layer::Cut, [[0, 0], [0, 0]]))->toThrow(LogicException::class);
    });
});
