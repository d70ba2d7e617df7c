<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\House;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\HouseCable;
use IronLatch\Core\Board\Ids;
use IronLatch\Core\Record\Fact;

/** Draws a cable between two places of the house; its cores, where they are chosen with it. */
final readonly class RunHouseCable implements Edit
{
    /**
     * @param ?int $low cores for extra-low voltage alone, where it is pulled for them; null for a cable that is there already
     */
    public function __construct(public string $place, public string $otherPlace, public ?int $low = null) {}

    public function apply(Board $board): Board
    {
        Targets::place($board, $this->place);
        Targets::place($board, $this->otherPlace);
        if ($this->place === $this->otherPlace) {
            throw new EditRefused('A cable runs between two places. Choose another end.');
        }
        $ids = new Ids($board);
        $cable = null === $this->low
            ? new HouseCable($this->place, $this->otherPlace)
            : new HouseCable(
                $this->place,
                $this->otherPlace,
                Fact::stated(0),
                Fact::stated(0),
                Fact::stated($this->low),
                Fact::stated(0),
            );

        return $board->with(houseCables: [...$board->houseCables, $ids->next('J') => $cable], lastIds: $ids->last());
    }

    public function summary(Board $board): string
    {
        return sprintf('Draw a cable from “%s” to “%s”', $board->nameOf($this->place), $board->nameOf($this->otherPlace));
    }
}
