<?php

declare(strict_types=1);

use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\MirroredSentence;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Words\Sentence;

function imageFinding(Pattern $pattern, ?string $side, float $amount, bool $significant = true): Finding
{
    return new Finding($pattern, Section::Rear, $side, $amount, 0.5, $significant, Sentence::plain('told', 'As it was told.'), ['EL', 'ER'], 3.0, [[$amount, 1.0]], 0.98);
}

function mirroredSay(Finding $finding): Finding
{
    return (new MirroredSentence(new SurveyOptions))->say($finding);
}

it('says of unlike rails that symmetry cannot tell which of them moved', function (string $side, float $amount, string $said) {
    expect(Said::mm(mirroredSay(imageFinding(Pattern::ShortRail, $side, $amount))->text))->toBe($said);
})->with([
    ['left', 4.0, 'At the rear the left rail stands 4.0 ± 1.0 mm too short for its mirror image, and the right rail as much the other way: symmetry cannot say which of them moved.'],
    ['left', -4.0, 'At the rear the left rail stands 4.0 ± 1.0 mm too long for its mirror image, and the right rail as much the other way: symmetry cannot say which of them moved.'],
    ['right', 4.0, 'At the rear the right rail stands 4.0 ± 1.0 mm too short for its mirror image, and the left rail as much the other way: symmetry cannot say which of them moved.'],
    ['right', 0.0, 'At the rear the right rail stands 0.0 ± 1.0 mm too long for its mirror image, and the left rail as much the other way: symmetry cannot say which of them moved.'],
]);

it('changes nothing but the words', function () {
    $finding = imageFinding(Pattern::ShortRail, 'left', 4.0);
    $said = mirroredSay($finding);
    expect(array_diff_key(get_object_vars($said), ['text' => 1]))->toBe(array_diff_key(get_object_vars($finding), ['text' => 1]));
});

it('leaves what symmetry can say, and what is not significant', function (Pattern $pattern, bool $significant) {
    $finding = imageFinding($pattern, 'left', 4.0, $significant);
    expect(mirroredSay($finding))->toBe($finding);
})->with([[Pattern::Twist, true], [Pattern::Sidesway, true], [Pattern::ShortRail, false]]);
