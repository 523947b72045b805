<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\Plates\Contour;
use Geodex\Core\Calculators\Plates\Piece;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Parts\Files\CutFaults;
use Geodex\Core\Parts\Files\Kerf;
use Geodex\Core\Parts\Files\UnreadableDxf;
use Geodex\Core\Parts\GearParts;
use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\LaidSheet;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\PartDrawings;
use Geodex\Core\Parts\PartFacts;
use Geodex\Core\Parts\PartState;
use Geodex\Core\Parts\PrinterScale;
use Geodex\Core\Parts\RunningDimensions;
use Geodex\Core\Parts\Stroke;
use Geodex\Core\Shop\Shop;

/** @param  array<string, mixed>  $given */
function factsOf(string $tool, array $given): PartFacts
{
    return PartFacts::of($tool, $given, Calculators::run($tool, $given), PartDrawings::of($tool, $given));
}

describe('the first article', function (): void {
    it('of a batch or a pair is tried before the rest, a single part need not be', function (): void {
        expect(PartState::Drawn->next(4, false, null))->toBe([PartState::FirstArticle])->and(PartState::Drawn->next(1, true, null))->toBe([PartState::FirstArticle])->and(PartState::Drawn->next(1, false, null))->toBe([PartState::FirstArticle, PartState::Released])
            ->and(PartState::FirstArticle->next(4, true, null))->toBe([PartState::Released])->and(PartState::Released->next(4, true, null))->toBe([PartState::Cut])->and(PartState::Cut->next(4, true, null))->toBe([]);
    });

    it('frees one of a batch, then all', function (): void {
        expect(PartState::Drawn->free(6, null))->toBe(1)
            ->and(PartState::FirstArticle->free(6, null))->toBe(6)
            ->and(PartState::Released->free(6, null))->toBe(6)
            ->and(PartState::Cut->free(6, null))->toBe(0);
    });

    it('locks the mirror image until the original was tried', function (): void {
        expect(PartState::Drawn->next(1, false, PartState::Drawn))->toBe([])->and(PartState::lock(PartState::Drawn))->toContain('Locked')->and(PartState::Drawn->free(2, PartState::Drawn))->toBe(0)
            ->and(PartState::Drawn->next(1, false, PartState::FirstArticle))->not->toBe([])->and(PartState::lock(PartState::Released))->toBeNull()->and(PartState::lock(null))->toBeNull();
    });
});

describe('what a part takes of the rack', function (): void {
    it('is the length to saw', function (string $tool, array $given, array $lengths): void {
        expect(array_map(fn (array $one): array => [round($one['length'], 2), $one['count']], factsOf($tool, $given)->lengths))->toBe($lengths);
    })->with([
        'a piece' => ['piece', ['length' => 597, 'height' => 38, 'wall' => 2.5], [[597.0, 1]]],
        'a coped tube' => ['cope', ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['diameter' => 45], 'angle' => 60, 'offset' => 3, 'nodeLength' => 620, 'other' => ['header' => ['diameter' => 45], 'angle' => 60, 'offset' => 3]], [[596.97, 1]]],
        'a hoop' => ['tube-bend', ['diameter' => 45, 'wall' => 2.5, 'radius' => 150, 'legs' => [900, 1000, 900], 'bends' => [['angle' => 90], ['angle' => 90]]], [[2671.24, 1]]],
        'an arch' => ['arch', ['kind' => 'mitred', 'width' => 900, 'rise' => 70, 'centre' => 260, 'depth' => 50, 'angle' => 45], [[260.36, 2], [98.99, 2], [280.71, 1]]],
        'a mitre of two pieces' => ['mitre', ['deflection' => 50, 'first' => ['diameter' => 40, 'centreLength' => 300], 'second' => ['diameter' => 40, 'centreLength' => 200]], [[309.33, 1], [209.33, 1]]],
        'a mitre without lengths' => ['mitre', ['deflection' => 50, 'first' => ['diameter' => 40]], []],
    ]);

    it('is the outline of a plate with its thickness, its mass and its centre', function (): void {
        $facts = factsOf('offset-contour', ['contour' => [[100, 50], [400, 50], [400, 250], [100, 250]], 'offset' => 10, 'thickness' => 6]);
        expect($facts->thickness)->toBe(6.0)
            ->and($facts->outline)->toHaveCount(4)
            ->and($facts->mass)->toEqualWithDelta(280 * 180 * 6 * 7850e-9, 1e-9)
            ->and($facts->centre)->toEqualWithDelta([140.0, 90.0], 1e-9)
            ->and($facts->lengths)->toBe([]);
    });

    it('is the mass of a tube of 38 by 2.5, 597 long', function (): void {
        expect(factsOf('piece', ['length' => 597, 'height' => 38, 'wall' => 2.5])->mass)->toEqualWithDelta(1.31, 0.005)
            ->and(factsOf('press-brake', ['thickness' => 5, 'insideRadius' => 6, 'kFactor' => 0.42, 'flanges' => [60, 90], 'bends' => [90], 'length' => 200])->mass)->toEqualWithDelta(140.72345 * 200 * 5 * 7850e-9, 1e-6);
    });

    it('is known of every worked case without a fault', function (string $tool, array $input): void {
        expect(factsOf($tool, $input))->toBeInstanceOf(PartFacts::class);
    })->with(fn (): array => drawnCases());
});

describe('a piece of bar', function (): void {
    it('weighs its section times its length', function (array $given, float $area): void {
        expect(Calculators::run('piece', ['length' => 1000, ...$given])['area'])->toEqualWithDelta($area, 1e-9)
            ->and(Calculators::run('piece', ['length' => 1000, ...$given])['massPerMetre'])->toEqualWithDelta($area * 7850e-6, 1e-9);
    })->with([
        'round bar' => [['height' => 20], M_PI * 100],
        'tube' => [['height' => 38, 'wall' => 2.5], M_PI * 35.5 * 2.5],
        'box' => [['shape' => 'rectangular', 'height' => 60, 'width' => 40, 'wall' => 3], 60 * 40 - 54 * 34.0],
        'flat' => [['shape' => 'rectangular', 'height' => 60, 'width' => 8], 480.0],
        'channel' => [['shape' => 'channel', 'height' => 200, 'width' => 70, 'wall' => 6], 200 * 6 + 2 * 64 * 6.0],
        'angle' => [['shape' => 'angle', 'height' => 50, 'width' => 40, 'wall' => 5], (50 + 40 - 5) * 5.0],
    ]);

    it('is refused without a wall where it must have one, and with one that leaves nothing', function (array $given): void {
        expect(fn () => Calculators::run('piece', ['length' => 1000, ...$given]))->toThrow(InvalidFields::class, 'wall');
    })->with([
        [['shape' => 'channel', 'height' => 100]],
        [['height' => 20, 'wall' => 10]],
        [['shape' => 'angle', 'height' => 20, 'wall' => 20]],
    ]);
});

describe('a contour from offsets', function (): void {
    $run = [['at' => 0, 'offset' => 0, 'kind' => 'smooth'], ['at' => 100, 'offset' => 8, 'kind' => 'smooth'], ['at' => 200, 'offset' => 22, 'kind' => 'smooth'], ['at' => 300, 'offset' => 30, 'kind' => 'smooth'], ['at' => 400, 'offset' => 31, 'kind' => 'smooth']];

    it('runs smoothly through smooth stations', function () use ($run): void {
        $told = Calculators::run('station-contour', ['stations' => $run, 'lower' => [['at' => 0, 'offset' => -50], ['at' => 400, 'offset' => -50]], 'points' => [['at' => [150, 0]], ['at' => [250, 0]]]]);
        expect($told['residuals'][0]['residual'])->toEqualWithDelta(14.90, 0.005)
            ->and($told['residuals'][1]['residual'])->toEqualWithDelta(27.12, 0.005)
            ->and($told['worst'])->toEqualWithDelta(27.12, 0.005);
    });

    it('becomes few lines and arcs that stay near it', function (float $within) use ($run): void {
        $told = Calculators::run('station-contour', ['stations' => $run, 'lower' => [['at' => 0, 'offset' => -50], ['at' => 400, 'offset' => -50]], 'within' => $within]);
        $fine = Calculators::run('station-contour', ['stations' => $run, 'lower' => [['at' => 0, 'offset' => -50], ['at' => 400, 'offset' => -50]], 'within' => 0.001]);
        expect($told['edges'])->toBeLessThan($fine['edges'])
            ->and(abs($told['area'] - $fine['area']))->toBeLessThan(400 * $within)
            ->and($told['edges'])->toBeLessThan(14);
    })->with([0.3, 0.1]);

    it('is straight between corners, and closed on the base line', function (): void {
        $told = Calculators::run('station-contour', ['stations' => [['at' => 0, 'offset' => 40], ['at' => 100, 'offset' => 60], ['at' => 250, 'offset' => 60]]]);
        expect($told['area'])->toEqualWithDelta(100 * 50 + 150 * 60, 1e-9)
            ->and($told['edges'])->toBe(5)
            ->and(Calculators::run('offset-contour', ['contour' => $told['vertices'], 'offset' => 0])['area'])->toEqualWithDelta(14000, 1e-9);
    });

    it('is refused where it runs back, crosses itself, or is one station', function (array $given, string $path): void {
        expect(fn () => Calculators::run('station-contour', $given))->toThrow(InvalidFields::class, $path);
    })->with([
        [['stations' => [['at' => 0, 'offset' => 1]]], 'stations'],
        [['stations' => [['at' => 0, 'offset' => 1], ['at' => 0, 'offset' => 2]]], 'stations[1].at'],
        [['stations' => [['at' => 0, 'offset' => 10], ['at' => 100, 'offset' => -10]]], 'crosses'],
    ]);
});

describe('what the running gear asks for', function (): void {
    it('is the tube of a link, twice, as long as its sheet says', function (): void {
        $given = ['centres' => 820, 'tube' => ['outer' => 44.5, 'wall' => 6.3], 'ends' => [['shank' => 60, 'pitch' => 2, 'diameter' => 22], ['shank' => 60, 'pitch' => 2, 'diameter' => 22]]];
        $part = GearParts::of('link-cut', 7, 'Lower link', $given, ['tube' => 700.0]);
        expect($part?->tool)->toBe('piece')
            ->and($part?->given['length'])->toBe(700.0)
            ->and($part?->given['height'])->toBe(44.5)
            ->and($part?->count)->toBe(2)
            ->and($part?->key)->toBe('gear:7');
    });

    it('is the sheet itself for an arch or a hole pattern, and nothing where nothing is made', function (): void {
        expect(GearParts::of('arch', 1, 'Crossmember', ['kind' => 'mitred'], [])?->tool)->toBe('arch')
            ->and(GearParts::of('turning', 1, 'Circle', [], []))->toBeNull()
            ->and(GearParts::of('link-cut', 1, 'Link', ['centres' => 800], ['tube' => null]))->toBeNull();
    });
});

describe('marking out', function (): void {
    it('measures every hole, bend and corner from two edges, and knows how good a line is', function (): void {
        $drawing = PartDrawings::of('offset-contour', ['contour' => [[0, 0], [300, 0], [300, 100], [0, 100]], 'offset' => 0, 'windows' => [['at' => [250, 40], 'length' => 18, 'height' => 18, 'radius' => 9], ['at' => [60, 40], 'length' => 18, 'height' => 18, 'radius' => 9]]])[0];
        $out = RunningDimensions::of($drawing, new Shop([]));
        expect($out->marks[0]->what)->toBe('punch 1, ⌀ 18')->and($out->marks[0]->fromLeft)->toEqualWithDelta(60.0, 1e-9)->and($out->marks[0]->fromRight)->toEqualWithDelta(240.0, 1e-9)->and($out->marks[0]->fromHigh)->toEqualWithDelta(60.0, 1e-9)->and($out->marks[1]->fromLeft)->toEqualWithDelta(250.0, 1e-9)
            ->and(count($out->marks))->toBe(2 + 4)->and($out->sigma)->toEqualWithDelta(0.433, 0.001)->and($out->between)->toEqualWithDelta(0.612, 0.001);
    });

    it('says which line is split and which is left', function (): void {
        $lines = array_column(RunningDimensions::of(PartDrawings::of('press-brake', ['thickness' => 5, 'insideRadius' => 6, 'flanges' => [60, 90], 'bends' => [90], 'kFactor' => 0.42, 'length' => 200])[0], new Shop(['markerWidth' => 0.3]))->marks, 'line', 'what');
        expect($lines)->toBe(['bend' => 'split', 'corner' => 'leave']);
    });

    it('leaves a curve of many edges to its template', function (): void {
        $drawing = PartDrawings::of('cope', ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['diameter' => 45], 'angle' => 60])[0];
        expect(array_filter(RunningDimensions::of($drawing, new Shop([]))->marks, fn ($mark): bool => $mark->what === 'corner'))->toBe([]);
    });
});

describe('a drawing with its side etched', function (): void {
    it('keeps its lines, and its word readable in the mirror', function (): void {
        $drawing = PartDrawings::of('piece', ['length' => 200, 'height' => 40])[0];
        expect($drawing->etched('LEFT')->notes[0]->text)->toBe('LEFT')
            ->and($drawing->etched('LEFT')->strokes)->toEqual($drawing->strokes)
            ->and($drawing->etched('')->notes)->toBe([])
            ->and($drawing->etched('LEFT')->reflected()->notes[0]->at[0])->toBeGreaterThan(0.0)->toBeLessThan(200.0);
    });
});

describe('plates laid by hand', function (): void {
    it('are told apart by exact distances', function (): void {
        $piece = fn (float $x, float $y): Piece => Piece::of([[0.0, 0.0], [100.0, 0.0], [0.0, 100.0]])->moved($x, $y);
        expect(LaidSheet::faults(['a' => $piece(10, 10), 'b' => $piece(120, 10)], 300, 200, 10, 5))->toBe([])
            ->and(LaidSheet::faults(['a' => $piece(10, 10), 'b' => $piece(112, 10)], 300, 200, 10, 5))->toBe(['a' => 'too near to another', 'b' => 'too near to another'])
            // Two triangles whose boxes overlap and who do not.
            ->and(LaidSheet::faults(['a' => $piece(10, 10), 'b' => Piece::of([[0.0, 0.0], [100.0, 0.0], [0.0, 100.0]])->turned(180)->moved(120, 120)], 300, 200, 10, 5))->toBe([])
            ->and(LaidSheet::faults(['a' => $piece(5, 10)], 300, 200, 10, 5))->toBe(['a' => 'over the border']);
    });
});

describe('a printer', function (): void {
    it('is corrected by true over measured, in each direction', function (): void {
        $scale = PrinterScale::measured(178.2, 180.0, 250.0, 250.0);
        expect($scale->across)->toEqualWithDelta(180 / 178.2, 1e-12)
            ->and($scale->up)->toBe(1.0)
            ->and($scale->isMeasured)->toBeTrue()
            ->and(PrinterScale::unmeasured()->isMeasured)->toBeFalse();
    });

    it('that fitted the page is refused', function (float $across, float $up): void {
        expect(fn () => PrinterScale::measured($across, 180.0, $up, 250.0))->toThrow(InvalidFields::class, 'tenth off');
    })->with([[120.0, 250.0], [180.0, 0.0], [-180.0, 250.0], [180.0, 300.0]]);

    it('leaves what the bar was read to, times the template over the bar', function (): void {
        expect(PrinterScale::leaves(0.3, 100.0, 700.0))->toEqualWithDelta(2.1, 1e-9)
            ->and(PrinterScale::leaves(0.3, 250.0, 700.0))->toEqualWithDelta(0.84, 1e-9);
    });
});

describe('what a machine cannot cut', function (): void {
    it('is named with its place', function (PartDrawing $drawing, ?float $thickness, string $says): void {
        expect(implode(' ', CutFaults::of($drawing, $thickness)))->toContain($says);
    })->with([
        'an open cut' => [PartDrawing::of('x', [Stroke::through(Layer::Cut, [[0, 0], [100, 0], [100, 50]])]), null, 'does not close: it starts at 0.0, 0.0 and ends at 100.0, 50.0'],
        'one that crosses itself' => [PartDrawing::of('x', [Stroke::through(Layer::Cut, [[0, 0], [100, 100], [100, 0], [0, 100]], isClosed: true)]), null, 'crosses'],
        'two that meet' => [PartDrawing::of('x', [Stroke::box(Layer::Cut, 0, 0, 100, 100), Stroke::box(Layer::Inner, 90, 10, 110, 20)]), null, 'Two cuts meet at 100.0'],
        'a hole too small' => [PartDrawing::of('x', [Stroke::box(Layer::Cut, 0, 0, 100, 100)], [new Hole(Layer::Inner, [50, 50], 8)]), 6.0, 'at least 9.0'],
    ]);

    it('is nothing in a sound drawing, nor in a hole that is drilled', function (): void {
        expect(CutFaults::of(PartDrawing::of('x', [Stroke::box(Layer::Cut, 0, 0, 100, 100), Stroke::box(Layer::Inner, 10, 10, 20, 20)], [new Hole(Layer::Drill, [50, 50], 2)]), 6.0))->toBe([]);
    });
});

describe('half the kerf in the geometry', function (): void {
    it('puts outlines out and what is inside in', function (): void {
        $drawing = PartDrawing::of('x', [Stroke::box(Layer::Cut, 0, 0, 100, 50), Stroke::box(Layer::Inner, 10, 10, 30, 30), Stroke::through(Layer::Bend, [[50, 0], [50, 50]])], [new Hole(Layer::Inner, [70, 25], 12)]);
        $kerf = Kerf::in($drawing, 2.0);
        expect($kerf->width)->toEqualWithDelta(102.0, 1e-9)
            ->and(Contour::loopArea($kerf->cuts()[0]->edges))->toEqualWithDelta(18 * 18, 1e-6)
            ->and($kerf->holes[0]->diameter)->toBe(10.0)
            ->and(Contour::loopArea($kerf->cuts()[1]->edges))->toEqualWithDelta(100 * 50 + 300 + M_PI, 1e-6);
    });

    it('is refused where a cut is narrower than it', function (): void {
        expect(fn () => Kerf::in(PartDrawing::of('x', [Stroke::box(Layer::Inner, 0, 0, 1, 50)]), 1.5))->toThrow(UnreadableDxf::class, 'narrower');
    });
});
