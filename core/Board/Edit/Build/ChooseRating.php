<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Build;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\ChosenRating;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\ListOf;

/** Chooses parts that bear more, or less, than the usual ones; null takes the usual ones again. */
final readonly class ChooseRating implements Edit
{
    /**
     * @param list<string> $designators
     */
    public function __construct(
        #[ListOf('string')]
        public array $designators,
        public ?ChosenRating $rating = null,
    ) {}

    public function apply(Board $board): Board
    {
        $ratings = $board->build->ratings;
        foreach ($this->designators as $device) {
            if (1 !== preg_match('/^[A-Z][0-9]{2,8}$/', $device)) {
                throw new EditRefused(sprintf('“%s” is no part. Parts are named like R11.', mb_substr($device, 0, 20)));
            }
            unset($ratings[$device]);
            if (null !== $this->rating) {
                $ratings[$device] = $this->rating;
            }
        }
        ksort($ratings);

        return $board->with(build: Copy::of($board->build, ['ratings' => $ratings]));
    }

    public function summary(Board $board): string
    {
        return sprintf(
            null === $this->rating ? 'Take the usual part for %s' : 'Take a part of its own rating for %s',
            implode(', ', $this->designators),
        );
    }
}
