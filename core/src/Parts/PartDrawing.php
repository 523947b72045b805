<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** What is cut, marked, bent and drilled of a part, as large as life: x to the right, y up, its lower left corner at the origin; mm. */
final readonly class PartDrawing
{
    /**
     * @param  string  $name  of one drawing among those of a part
     * @param  list<Stroke>  $strokes
     * @param  list<Hole>  $holes
     * @param  list<Note>  $notes
     * @param  float  $width  of its lines and holes
     */
    private function __construct(public string $name, public array $strokes, public array $holes, public array $notes, public float $width, public float $height) {}

    /**
     * @param  list<Stroke>  $strokes
     * @param  list<Hole>  $holes
     * @param  list<Note>  $notes
     */
    public static function of(string $name, array $strokes, array $holes = [], array $notes = []): self
    {
        [$xs, $ys] = [[], []];
        foreach ($strokes as $stroke) {
            foreach ($stroke->flattened(0.01) as [$x, $y]) {
                [$xs[], $ys[]] = [$x, $y];
            }
        }
        foreach ($holes as $hole) {
            array_push($xs, $hole->at[0] - $hole->diameter / 2, $hole->at[0] + $hole->diameter / 2);
            array_push($ys, $hole->at[1] - $hole->diameter / 2, $hole->at[1] + $hole->diameter / 2);
        }
        [$left, $low] = $xs === [] || $ys === [] ? [0.0, 0.0] : [min($xs), min($ys)];

        return new self(
            $name, array_map(fn (Stroke $one): Stroke => $one->moved(-$left, -$low), $strokes),
            array_map(fn (Hole $one): Hole => new Hole($one->layer, [$one->at[0] - $left, $one->at[1] - $low], $one->diameter), $holes),
            array_map(fn (Note $one): Note => new Note([$one->at[0] - $left, $one->at[1] - $low], $one->text, $one->height), $notes),
            $xs === [] ? 0.0 : max($xs) - $left, $ys === [] ? 0.0 : max($ys) - $low,
        );
    }

    /** The part of the other side: its lines turned face down, its words readable. */
    public function reflected(): self
    {
        return self::of(
            $this->name, array_map(fn (Stroke $one): Stroke => $one->reflected(), $this->strokes), array_map(fn (Hole $one): Hole => new Hole($one->layer, [-$one->at[0], $one->at[1]], $one->diameter), $this->holes),
            array_map(fn (Note $one): Note => new Note([-$one->at[0] - $one->length(), $one->at[1]], $one->text, $one->height), $this->notes),
        );
    }

    /** With a word in its middle that stays readable, such as LEFT; as it is where there is none. */
    public function etched(string $word): self
    {
        $height = max(3.0, min(10.0, $this->height / 8));
        $note = new Note([0.0, 0.0], $word, $height);

        return $word === '' ? $this : self::of($this->name, $this->strokes, $this->holes, [...$this->notes, new Note([($this->width - $note->length()) / 2, $this->height / 3], $word, $height)]);
    }

    /** @return list<Stroke> closed lines that a machine follows: inside first, the outline last */
    public function cuts(): array
    {
        $of = fn (Layer $layer): array => array_values(array_filter($this->strokes, fn (Stroke $one): bool => $one->isClosed && $one->layer === $layer));

        return [...$of(Layer::Inner), ...$of(Layer::Cut)];
    }

    /** @return list<Layer> that it uses */
    public function layers(): array
    {
        $used = [...array_map(fn (Stroke $one): Layer => $one->layer, $this->strokes), ...array_map(fn (Hole $one): Layer => $one->layer, $this->holes), ...($this->notes === [] ? [] : [Layer::Text])];

        return array_values(array_filter(Layer::cases(), fn (Layer $layer): bool => in_array($layer, $used, true)));
    }
}
