<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Sequence;

/** Findings of one rule and kind, shown together, with one remedy for all where they share it. */
final readonly class FindingGroup
{
    /**
     * @param non-empty-list<Finding> $findings
     */
    public function __construct(public array $findings) {}

    public function first(): Finding
    {
        return $this->findings[0];
    }

    /**
     * One edit for all: what the first proposes, with the same for each of the others, or one that by itself mends them all. It is tried
     * once as a whole, however many there are.
     */
    public function remedyForAll(): ?Remedy
    {
        foreach (count($this->findings) < 2 ? [] : $this->first()->remedies() as $remedy) {
            $forAll = $this->alike($remedy) ?? $this->shared($remedy);
            if (null !== $forAll && $this->first()->goesWith($forAll, ...array_slice($this->findings, 1))) {
                return $forAll;
            }
        }

        return null;
    }

    /**
     * What one finding of the group is offered: its first remedies, but no pin that another one before it is offered already.
     *
     * @return array<int, Remedy> at most two, by their places
     */
    public function remediesOf(Finding $finding): array
    {
        $taken = [];
        foreach ($this->findings as $other) {
            if ($other === $finding) {
                break;
            }
            array_push($taken, ...self::pins(array_map(static fn(Remedy $one): Edit => $one->edit, array_slice($other->remedies(), 0, 1))));
        }

        return array_slice(array_filter(
            $finding->remedies(),
            static fn(Remedy $one): bool => [] === array_intersect(self::pins([$one->edit]), $taken),
        ), 0, 2, true);
    }

    /** The remedy itself, where every other finding has it just so. */
    private function shared(Remedy $remedy): ?Remedy
    {
        $edit = serialize($remedy->edit);
        foreach (array_slice($this->findings, 1) as $finding) {
            $same = array_filter($finding->untried(), static fn(Remedy $one): bool => $one->title === $remedy->title);
            if ([] === array_filter($same, static fn(Remedy $one): bool => serialize($one->edit) === $edit)) {
                return null;
            }
        }

        return $remedy;
    }

    /** What each finding has by the title of a remedy, as one edit. One pin serves one function: then there is none. */
    private function alike(Remedy $remedy): ?Remedy
    {
        $edits = [$remedy->edit];
        foreach (array_slice($this->findings, 1) as $finding) {
            $same = array_values(array_filter($finding->untried(), static fn(Remedy $one): bool => $one->title === $remedy->title));
            if ([] === $same) {
                return null;
            }
            $edits[] = $same[0]->edit;
        }
        $pins = self::pins($edits);
        if (count($pins) !== count(array_unique($pins)) || count($edits) !== count(array_unique(array_map(serialize(...), $edits)))) {
            return null;
        }

        return new Remedy(
            sprintf('%s, for all %d', $remedy->title, count($edits)),
            new Sequence(sprintf('%s (%d times)', $remedy->title, count($edits)), $edits),
        );
    }

    /**
     * @param list<Edit> $edits
     * @return list<string> that they seat a function on
     */
    private static function pins(array $edits): array
    {
        $pins = [];
        foreach ($edits as $edit) {
            array_push($pins, ...match (true) {
                $edit instanceof Sequence => self::pins($edit->edits),
                $edit instanceof SeatFunction => [$edit->pin],
                default => [],
            });
        }

        return $pins;
    }
}
