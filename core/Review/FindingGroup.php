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

    /** The first remedy of every finding as one edit, where all of them propose the same; else one that by itself mends all. */
    public function remedyForAll(): ?Remedy
    {
        return count($this->findings) < 2 ? null : $this->alike() ?? $this->shared();
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

    /** A remedy that every finding has just so. */
    private function shared(): ?Remedy
    {
        foreach ($this->findings[0]->remedies() as $remedy) {
            $everywhere = array_filter($this->findings, static fn(Finding $finding): bool => [] !== array_filter(
                $finding->remedies(),
                static fn(Remedy $one): bool => $one->title === $remedy->title
                    && serialize($one->edit) === serialize($remedy->edit),
            ));
            if (count($everywhere) === count($this->findings)) {
                return $remedy;
            }
        }

        return null;
    }

    private function alike(): ?Remedy
    {
        $title = null;
        $edits = [];
        foreach ($this->findings as $finding) {
            $remedy = $finding->remedies()[0] ?? null;
            if (null === $remedy || ($title ?? $remedy->title) !== $remedy->title) {
                return null;
            }
            $title = $remedy->title;
            $edits[] = $remedy->edit;
        }

        // One pin serves one function: what each proposes alone cannot be done for all.
        $pins = self::pins($edits);
        if (count($pins) !== count(array_unique($pins))) {
            return null;
        }

        return new Remedy(
            sprintf('%s, for all %d', $title, count($edits)),
            new Sequence(sprintf('%s (%d times)', $title, count($edits)), $edits),
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
