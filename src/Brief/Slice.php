<?php

declare(strict_types=1);

namespace IronLatch\Brief;

use IronLatch\Core\Brief\ChoiceSpace;
use IronLatch\Core\Brief\DraftFigures;
use IronLatch\Core\Brief\DraftKind;
use IronLatch\Core\Brief\Drafts;
use IronLatch\Core\Build\Currency;

/** The drafts that are known so far, and how many are still to come. */
final readonly class Slice
{
    public Drafts $drafts;
    public int $total;

    /**
     * @param list<DraftFigures|string> $known in the order of the space; a reason where no board came of it
     */
    public function __construct(ChoiceSpace $space, private array $known, private bool $hasDrawer, Currency $currency)
    {
        $this->total = count($space->all);
        $this->drafts = Drafts::found($space, $known, $currency);
    }

    public function done(): int
    {
        return count($this->known);
    }

    public function isWhole(): bool
    {
        return $this->done() >= $this->total;
    }

    /**
     * @return list<array{DraftFigures, list<DraftKind>}>
     */
    public function cards(): array
    {
        return $this->drafts->byKind($this->hasDrawer);
    }

    /**
     * @return array<string, string>
     */
    public function whyNot(): array
    {
        return $this->drafts->whyNot($this->hasDrawer);
    }
}
