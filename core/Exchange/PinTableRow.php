<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\PinReading;

/** One row of a pin table as it was read; the maker corrects it before anything is made of it. */
final readonly class PinTableRow
{
    /**
     * @param int $line in the pasted text, from 1
     * @param string $text the row as it was written
     * @param string $name as a maker would say it; empty where the row could not be read
     * @param string $pin as it was written; empty where there is none
     * @param bool $isKindKnown whether its name, or the list that it stands in, tells what it is
     * @param string $doubt what the maker should look at, as a sentence; empty where nothing is doubtful
     */
    public function __construct(
        public int $line,
        public string $text,
        public string $name,
        public string $pin,
        public ?PinReading $reading,
        public FunctionKind $kind,
        public string $doubt,
        public bool $isKindKnown = false,
    ) {}

    public function isReadable(): bool
    {
        return '' !== $this->name;
    }
}
