<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;

/**
 * Says all that stands at a place: switches and sensors by their functions, appliances by their lines. What stood there besides leaves
 * it.
 */
final readonly class StandAt implements Edit
{
    /**
     * @param list<string> $functions ids
     * @param list<string> $lines ids
     */
    public function __construct(
        public string $place,
        #[ListOf('string')]
        public array $functions = [],
        #[ListOf('string')]
        public array $lines = [],
    ) {}

    public function apply(Board $board): Board
    {
        Targets::place($board, $this->place);
        $leaves = fn(Line|PinFunction $one): bool => $this->place === $one->place;
        $functions = array_map(
            static fn(PinFunction $one): PinFunction => $leaves($one) ? Copy::of($one, ['place' => null]) : $one,
            $board->functions,
        );
        $lines = array_map(static fn(Line $one): Line => $leaves($one) ? Copy::of($one, ['place' => null]) : $one, $board->lines);
        foreach ($this->functions as $id) {
            Targets::function($board, $id);
            $functions[$id] = Copy::of($functions[$id], ['place' => $this->place]);
        }
        foreach ($this->lines as $id) {
            Targets::line($board, $id);
            $lines[$id] = Copy::of($lines[$id], ['place' => $this->place]);
        }

        return $board->with(functions: $functions, lines: $lines);
    }

    public function summary(Board $board): string
    {
        $all = [...$this->functions, ...$this->lines];

        return sprintf(
            'At “%s”: %s',
            $board->nameOf($this->place),
            [] === $all ? 'nothing' : implode(', ', array_map(static fn(string $id): string => '“' . $board->nameOf($id) . '”', $all)),
        );
    }
}
