<?php

declare(strict_types=1);

use Geodex\Core\Frame\Feature;
use Geodex\Core\Frame\FeatureKind;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Survey\Reading\Edge;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\ImpossibleReading;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Units\Length;

beforeEach(function () {
    $diameters = ['AL' => 14.0, 'AR' => 20.0];
    $this->frame = new Frame(array_map(
        fn (Point $p): Point => new Point($p->id, $p->name, $p->side, $p->mate, isset($diameters[$p->id]) ? new Feature(FeatureKind::Hole, Length::ofMillimetres($diameters[$p->id])) : null, $p->reference, $p->tolerance, $p->base),
        Readings::ladder(2)->points,
    ));
});

it('adds both radii to a length between near edges and takes them off one between far edges', function () {
    $kind = TramReading::between(['AL', 'AR'], null);
    expect(Edge::Near->correction($this->frame, $kind))->toBe(17.0)
        ->and(Edge::Far->correction($this->frame, $kind))->toBe(-17.0);
});

it('refuses an edge where no diameter is known, and where no length is read', function () {
    expect(fn () => Edge::Near->correction($this->frame, TramReading::between(['AL', 'BL'], null)))->toThrow(ImpossibleReading::class, 'No diameter is known for BL')
        ->and(fn () => Edge::Far->correction($this->frame, HeightReading::between(['AL'], null)))->toThrow(ImpossibleReading::class, 'A height is not taken edge to edge');
});
