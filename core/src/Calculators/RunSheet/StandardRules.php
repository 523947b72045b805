<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

/** Which kind of step comes before which, and why: shop defaults. */
final readonly class StandardRules
{
    /** @var list<array{list<string>, list<string>, bool, string}> first kinds, then kinds, whether only at the same joint, because */
    private const RULES = [
        [['survey'], ['strip', 'cut'], false, 'the first survey shows the frame as it came'],
        [['support'], ['cut'], false, 'both halves are held before anything is cut'],
        [['strip'], ['tack', 'weld'], true, 'lines, tank and loom are out before there is heat'],
        [['cut'], ['prepare', 'tack'], true, 'edges are prepared on the cut rail'],
        [['prepare'], ['tack'], true, 'edges are prepared before they are tacked'],
        [['tack'], ['mock-up', 'check', 'weld'], true, 'tack everything that mates, try it, measure it, then weld'],
        [['mock-up', 'check'], ['weld'], true, 'tack everything that mates, try it, measure it, then weld'],
        [['weld'], ['drill', 'coat', 'refit'], true, 'holes when the rail is cold; coat and refit after the heat'],
        [['coat'], ['close'], true, 'a surface is coated before it is closed'],
        [['weld'], ['release', 'final-survey'], false, 'posts stay until all welds are cold'],
        [['release'], ['final-survey'], false, 'the final survey is made without posts'],
        [['final-survey'], ['fit'], false, 'links and shaft are made to the final survey'],
    ];

    /** Why the one comes first, or null where no rule says so. */
    public static function because(WorkStep $first, WorkStep $then): ?string
    {
        foreach (self::RULES as $rule) {
            [$before, $after, $isOfJoint, $because] = $rule;
            $isMet = ! $isOfJoint || ($first->joint !== '' && $first->joint === $then->joint);
            if ($isMet && in_array($first->kind, $before, true) && in_array($then->kind, $after, true)) {
                return $because;
            }
        }

        return null;
    }
}
