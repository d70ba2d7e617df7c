<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

use IronLatch\Core\Board\Edit\Edit;

/** One thing that is not known, of everything on the board that it is not known of, with what waits for it. */
final readonly class OpenFact
{
    /**
     * @param class-string<Edit>|'' $edit states it; empty where no single field does
     * @param string $field of the edit
     * @param list<string> $subjects of what; empty for the board as a whole
     * @param non-empty-list<NotChecked> $waiting checks that cannot be made without it
     */
    public function __construct(public string $edit, public string $field, public array $subjects, public array $waiting) {}

    /** The same for as long as it is open, on whatever it is. */
    public function key(): string
    {
        return '' === $this->edit
            ? $this->waiting[0]->rule->id . '.' . $this->waiting[0]->subject
            : substr((string) strrchr($this->edit, '\\'), 1) . '.' . $this->field;
    }

    /** The worst that could come to light. */
    public function worst(): Severity
    {
        $kinds = array_map(static fn(NotChecked $one): Severity => $one->worst(), $this->waiting);
        usort($kinds, static fn(Severity $a, Severity $b): int => $a->rank() <=> $b->rank());

        return $kinds[0];
    }

    /**
     * @return list<Stage> the stages that wait for it, in their order
     */
    public function stages(): array
    {
        return array_values(array_filter(
            Stage::cases(),
            fn(Stage $stage): bool => [] !== array_filter($this->waiting, static fn(NotChecked $one): bool => $one->rule->stage === $stage),
        ));
    }

    /**
     * @return list<string> the checks that wait for it, each once
     */
    public function decides(): array
    {
        return array_values(array_unique(array_map(static fn(NotChecked $one): string => $one->rule->title, $this->waiting)));
    }
}
