<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** Sets an axle and the hangers of its springs forward or rearward on an uncut frame. */
final readonly class MoveAxle implements Operation
{
    /** Hangers, seats and links nearer than this to an axle are its own (mm). */
    private const OWN_MM = 1300.0;

    private const MAX_MM = 3000.0;

    /** @param  float  $by  rearward positive (mm) */
    public function __construct(private string $id, private string $axle, private float $by) {}

    public static function kind(): string
    {
        return 'move-axle';
    }

    public static function label(): string
    {
        return 'Move an axle';
    }

    public static function fields(): array
    {
        return [
            Field::text('axle', 'Axle', 'Its id in the table of the frame, such as rear.')->naming('axles'),
            Field::choice('way', 'Way', ['rearward', 'forward'])->defaults('rearward'),
            Field::length('by', 'by')->between(1.0, self::MAX_MM),
        ];
    }

    public static function of(string $id, Values $given): static
    {
        return new self($id, $given->text('axle'), ($given->text('way') === 'forward' ? -1 : 1) * $given->number('by'));
    }

    public function id(): string
    {
        return $this->id;
    }

    public function values(): array
    {
        return ['axle' => $this->axle, 'way' => $this->by < 0.0 ? 'forward' : 'rearward', 'by' => abs($this->by)];
    }

    public function station(): float
    {
        return -INF;
    }

    public function apply(FrameDraft $draft): FrameDraft
    {
        $axle = $this->find($draft->chassis->axles);
        $fixtures = array_map(fn (Fixture $one): Fixture => $this->isOwn($one, $axle, $draft->chassis->axles) ? $one->at($one->station + $this->by) : $one, $draft->chassis->fixtures);

        return $draft->withChassis($draft->chassis->with(
            fixtures: $fixtures,
            axles: array_map(fn (Axle $one): Axle => $one->id === $axle->id ? $one->at($one->station + $this->by) : $one, $draft->chassis->axles),
        ));
    }

    public function checks(FrameDraft $draft): array
    {
        $axle = $this->find($draft->before->axles);
        $own = array_map(fn (Fixture $one): string => $one->called(), array_values(array_filter($draft->before->fixtures, fn (Fixture $one): bool => $this->isOwn($one, $axle, $draft->before->axles))));
        $checks = [Sentence::of('plan.axle-moved', '{operation} sets the {axle} axle {by} {way}; {with}.', operation: $this->id, axle: $this->axle, by: Measure::given(abs($this->by)), way: $this->by < 0.0 ? 'forward' : 'rearward', with: $own === [] ? 'no hangers of it are entered, so none move with it' : 'with it go '.implode(', ', $own))];
        $span = $draft->before->span();
        if ($span !== null && ($axle->station + $this->by < $span[0] || $axle->station + $this->by > $span[1])) {
            $checks[] = Sentence::of('plan.axle-off', '{operation} sets the {axle} axle off the frame.', operation: $this->id, axle: $this->axle);
        }

        return $checks;
    }

    /**
     * @param  list<Axle>  $axles
     *
     * @throws InvalidPlan if there is none of that id
     */
    private function find(array $axles): Axle
    {
        foreach ($axles as $axle) {
            if (mb_strtolower($axle->id) === mb_strtolower($this->axle)) {
                return $axle;
            }
        }
        throw InvalidPlan::noSuchAxle($this->id, $this->axle);
    }

    /**
     * What guides a wheel belongs to the nearest axle.
     *
     * @param  list<Axle>  $axles
     */
    private function isOwn(Fixture $one, Axle $axle, array $axles): bool
    {
        if (! $one->kind->isSuspension() || abs($one->station - $axle->station) > self::OWN_MM) {
            return false;
        }

        return array_filter($axles, fn (Axle $other): bool => abs($other->station - $one->station) < abs($axle->station - $one->station)) === [];
    }
}
