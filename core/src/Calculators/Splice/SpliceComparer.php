<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/** Works every school out for one joint, by the calculator “splice”, and ranks their details for fatigue. */
final readonly class SpliceComparer implements HasProvenance
{
    public static function provenance(): array
    {
        return [
            new Provenance(
                name: 'splice',
                title: 'Joint of a rail',
                formula: 'four places: joint, fastening of each part on either side, rail at the ends of the parts, insert; the weakest decides',
                source: 'elastic composite beam; AISC 360 J2.3b for plugs; EN 1993-1-9 classes, quoted from memory, to rank by',
                limit: 'In-plane bending alone: no torsion, no life, no approval. The vehicle maker\'s body-builder instructions and a licensed welder decide.',
            ),
        ];
    }

    /**
     * @return list<SpliceOption> those that hold first, then by rank
     *
     * @throws CoreFailure if the rail is not joined by welding at all
     */
    public function compare(SpliceSite $site): array
    {
        $options = array_map(fn (SpliceSchool $school): SpliceOption => $this->option($school, $site), array_values(array_filter(SpliceSchools::all(), fn (SpliceSchool $school): bool => $site->kind === 'channel' || ! $school instanceof BoxedIn)));
        usort($options, fn (SpliceOption $a, SpliceOption $b): int => [$b->holds, $b->rank] <=> [$a->holds, $a->rank]);

        return $options;
    }

    private function option(SpliceSchool $school, SpliceSite $site): SpliceOption
    {
        $parts = $school->parts($site);
        /** @var array{holds: bool, governing: array{place: string, part: ?string, side: ?string, utilisation: float}, joint: array{ratioToRail: ?float, parts: list<array{stress: float, utilisation: float}>}, railAtPlateEnds: list<array{stress: float, stiffnessStep: float, utilisation: float}>, development: list<array{utilisation: float}>, insert: ?array{utilisation: float}, massAdded: float} $result */
        $result = Calculators::run('splice', [...$site->document(), 'buttEfficiency' => $school::butt($site), 'parts' => $parts]);
        $governing = $result['governing'];

        return new SpliceOption(
            school: $school, parts: $parts, holds: $result['holds'], utilisation: $governing['utilisation'], ratio: $result['joint']['ratioToRail'], mass: $result['massAdded'],
            step: max([0.0, ...array_map(fn (array $end): float => abs($end['stiffnessStep']), $result['railAtPlateEnds'])]),
            rank: $this->rank($school, $site, array_column($result['joint']['parts'], 'stress'), array_column($result['railAtPlateEnds'], 'stress')),
            verdict: $this->verdict($governing), improves: $this->improves($governing['place']),
            places: array_map(fn (array $used): float => max($used), array_filter(['joint' => array_column($result['joint']['parts'], 'utilisation'), 'development' => array_column($result['development'], 'utilisation'), 'railAtPlateEnd' => array_column($result['railAtPlateEnds'], 'utilisation'), 'insert' => array_column([$result['insert'] ?? []], 'utilisation')], fn (array $used): bool => $used !== [])),
            work: SpliceWork::of($school, $site, $parts),
            notes: [...array_merge(...array_map(fn (array $part): array => $part['kind'] === 'sleeve' ? SleeveMaking::of($site, $part) : [], $parts)), ...SpliceChecks::of($site, $parts)],
        );
    }

    /**
     * The least of class over stress: at the joint itself, and at the ends of the parts.
     *
     * @param  list<float>  $joint  MPa
     * @param  list<float>  $ends  MPa
     */
    private function rank(SpliceSchool $school, SpliceSite $site, array $joint, array $ends): float
    {
        $ranks = [$school::jointClass($site) / max(1.0, ...$joint)];
        if ($school::endClass() !== null && $ends !== []) {
            $ranks[] = $school::endClass() / max(1.0, ...$ends);
        }

        return min($ranks);
    }

    /** @param  array{place: string, part: ?string, side: ?string, utilisation: float}  $governing */
    private function verdict(array $governing): Sentence
    {
        $place = match ($governing['place']) {
            'joint' => $governing['part'] === 'butt' ? 'the butt weld' : "the {$governing['part']} at the joint",
            'development' => "the fastening of the {$governing['part']}, {$governing['side']} side",
            'railAtPlateEnd' => "the rail at the {$governing['side']} end of the {$governing['part']}",
            default => 'the insert',
        };
        $used = sprintf('%.0f %%', 100 * $governing['utilisation']);

        return $governing['utilisation'] <= 1.0
            ? Sentence::of('splice.holds', 'Strong enough by these numbers; weakest is {place}, used to {used}.', place: $place, used: $used)
            : Sentence::of('splice.fails', 'Not enough: {place} would be used to {used}.', place: $place, used: $used);
    }

    private function improves(string $place): Sentence
    {
        return Sentence::plain('splice.improves', match ($place) {
            'joint' => 'A thicker or deeper part across the joint, or a second one, helps most.',
            'development' => 'A longer part with more plugs, or longer fillets, helps most.',
            'railAtPlateEnd' => 'Longer parts, so that they end where the rail bears less, or a joint elsewhere, help most; more plates do not.',
            default => 'Stronger stock for the insert helps most.',
        });
    }
}
