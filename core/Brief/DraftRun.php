<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Build\Currency;
use IronLatch\Core\Catalogue\Catalogue;

/** Works through everything that a brief can come to, one draft after the other, so that the work can be cut into slices. */
final class DraftRun
{
    public readonly ChoiceSpace $space;
    private readonly Drafter $drafter;

    private readonly Currency $currency;

    public function __construct(Brief $brief, Catalogue $catalogue, Stock $stock)
    {
        $this->currency = $stock->currency;
        $onOffer = $stock->onOffer($brief, $catalogue);
        $this->space = ChoiceSpace::of($brief, $onOffer);
        $this->drafter = new Drafter($brief, $onOffer, $stock);
    }

    /**
     * The draft at a place of the space, or why there is none.
     *
     * @throws \InvalidArgumentException when the brief describes one of its appliances not at all
     */
    public function at(int $place): Draft|string
    {
        try {
            return $this->drafter->draft($this->space->all[$place]);
        } catch (NoDraft|EditRefused $none) {
            return $none->getMessage();
        }
    }

    /** @throws \InvalidArgumentException when there are no such choices, or the brief describes one of its appliances not at all */
    public function named(string $choices): Draft
    {
        $found = $this->space->named($choices);
        try {
            return null === $found ? throw new NoDraft('the brief has no such draft any more') : $this->drafter->draft($found);
        } catch (NoDraft|EditRefused $none) {
            throw new \InvalidArgumentException(
                sprintf('This draft cannot be made: %s. Look at the drafts again.', $none->getMessage()),
                0,
                $none,
            );
        }
    }

    /**
     * All of them, in one go.
     *
     * @throws \InvalidArgumentException when the brief describes one of its appliances not at all
     */
    public function all(): Drafts
    {
        return Drafts::found($this->space, array_map($this->at(...), array_keys($this->space->all)), $this->currency);
    }
}
