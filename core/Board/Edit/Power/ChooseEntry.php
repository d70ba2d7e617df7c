<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\LostFacts;
use IronLatch\Core\Catalogue\SupplyEntry;

/** Feeds the controller’s carrier at another of its pins. */
final readonly class ChooseEntry implements Edit
{
    public function __construct(
        public string $label,
    ) {}

    public function apply(Board $board): Board
    {
        $labels = array_map(static fn(SupplyEntry $entry): string => $entry->label, $board->controller()->carrier->entries());
        if (!in_array($this->label, $labels, true)) {
            throw new EditRefused(sprintf('The carrier takes its supply at: %s. Choose one of these.', implode(', ', $labels)));
        }

        foreach ($board->rails as $rail) {
            if ($rail->supply === $board->mcu->carrier && !$board->controller()->carrier->givesWhenFedAt($this->label)) {
                throw new EditRefused(sprintf(
                    'The rail %s comes from the carrier’s own regulator, which gives nothing while the carrier is fed at %s. Feed that '
                        . 'rail from something else first.',
                    $rail->name,
                    $this->label,
                ));
            }
        }

        return $board->with(mcu: $board->mcu->with(entry: $labels[0] === $this->label ? '' : $this->label));
    }

    public function summary(Board $board): string
    {
        return LostFacts::after(sprintf('Feed the carrier at %s', $this->label), $board, $this);
    }
}
