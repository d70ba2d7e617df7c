<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;

/** Says what stands at a place: switches and sensors by their functions, appliances by their lines. */
final readonly class StandAt implements Edit
{
    /**
     * @param ?string $place id; null for nowhere in particular
     * @param list<string> $functions ids
     * @param list<string> $lines ids
     */
    public function __construct(
        public ?string $place,
        #[ListOf('string')]
        public array $functions = [],
        #[ListOf('string')]
        public array $lines = [],
    ) {}

    public function apply(Board $board): Board
    {
        if ([] === $this->functions && [] === $this->lines) {
            throw new EditRefused('Choose at least one switch, sensor or appliance.');
        }
        if (null !== $this->place) {
            Targets::place($board, $this->place);
        }
        $functions = $board->functions;
        foreach ($this->functions as $id) {
            $functions[$id] = Copy::of(Targets::function($board, $id), ['place' => $this->place]);
        }
        $lines = $board->lines;
        foreach ($this->lines as $id) {
            $lines[$id] = Copy::of(Targets::line($board, $id), ['place' => $this->place]);
        }

        return $board->with(functions: $functions, lines: $lines);
    }

    public function summary(Board $board): string
    {
        return sprintf(
            '%s: %s',
            null === $this->place ? 'At no place in particular' : 'At “' . $board->nameOf($this->place) . '”',
            Targets::names($board, [...$this->functions, ...$this->lines]),
        );
    }
}
