<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\HouseCable;
use IronLatch\Core\Board\Line;
use IronLatch\Core\Board\PinFunction;
use IronLatch\Core\Board\PlaceKind;
use IronLatch\Core\Record\Copy;

/** Takes a place away, with the cables that end there; what stood there stands nowhere in particular. */
final readonly class RemovePlace implements Edit
{
    public function __construct(public string $place) {}

    public function apply(Board $board): Board
    {
        if (PlaceKind::Box === Targets::place($board, $this->place)->kind) {
            throw new EditRefused('The board stands here. Move it to another place first.');
        }
        return $board->with(
            lines: array_map(
                fn(Line $line): Line => $this->place === $line->place ? Copy::of($line, ['place' => null]) : $line,
                $board->lines,
            ),
            functions: array_map(
                fn(PinFunction $one): PinFunction => $this->place === $one->place ? Copy::of($one, ['place' => null]) : $one,
                $board->functions,
            ),
            places: array_diff_key($board->places, [$this->place => true]),
            houseCables: array_filter(
                $board->houseCables,
                fn(HouseCable $cable): bool => $this->place !== $cable->from && $this->place !== $cable->to,
            ),
        );
    }

    public function summary(Board $board): string
    {
        return sprintf('Remove the place “%s”', $board->nameOf($this->place));
    }
}
