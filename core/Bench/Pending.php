<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench;

use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\GroupEntry;
use IronLatch\Core\Program\Effect;

/** Something that has been put off until its moment. */
final readonly class Pending
{
    /**
     * @param int $at microseconds from the beginning of the run
     * @param string $what who takes care of it: a word of the World’s table
     * @param string $subject id that it is about
     * @param int $cause id of what it follows from
     * @param int $number a position, a place, a count that tells whether it is still wanted
     * @param string $word what is said
     * @param string $by another id that belongs to it
     * @param int $byNumber the count of that one
     * @param list<Effect> $effects
     */
    public function __construct(
        public int $at,
        public string $what,
        public string $subject,
        public int $cause,
        public int $number = 0,
        public bool $on = false,
        public string $word = '',
        public string $by = '',
        public int $byNumber = 0,
        public Entry|GroupEntry|null $entry = null,
        public array $effects = [],
        public ?Deed $deed = null,
    ) {}

    /** The same at another moment. */
    public function at(int $micros): self
    {
        return new self(
            $micros,
            $this->what,
            $this->subject,
            $this->cause,
            $this->number,
            $this->on,
            $this->word,
            $this->by,
            $this->byNumber,
            $this->entry,
            $this->effects,
            $this->deed,
        );
    }
}
