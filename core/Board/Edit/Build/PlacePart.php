<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Record\Copy;

/** Lays one part down on the plan; null takes it off. */
final readonly class PlacePart implements Edit
{
    /**
     * @param string $designator
     */
    public function __construct(public string $designator, public ?PlacedAt $at = null) {}

    public function apply(Board $board): Board
    {
        if (1 !== preg_match('/^[A-Z][0-9]{2,8}$/', $this->designator)) {
            throw new EditRefused(sprintf('“%s” is no part of a plan. Parts are named like K11.', mb_substr($this->designator, 0, 20)));
        }
        $places = $board->build->places;
        unset($places[$this->designator]);
        if (null !== $this->at) {
            $places[$this->designator] = $this->at;
        }
        ksort($places);

        return $board->with(build: Copy::of($board->build, ['places' => $places]));
    }

    public function summary(Board $board): string
    {
        return match (true) {
            null === $this->at => sprintf('Take %s off the plan', $this->designator),
            isset($board->build->places[$this->designator]) => sprintf('Move %s', $this->designator),
            default => sprintf('Place %s', $this->designator),
        };
    }
}
