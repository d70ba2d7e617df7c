<?php

declare(strict_types=1);

namespace IronLatch\Core\Control;

use IronLatch\Core\Board\Channel;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Catalogue\SurfaceProfile;

/** One hop on the way from a hand to the board. */
final readonly class Hop
{
    public function __construct(public string $id, public Channel $channel, public SurfaceProfile $profile) {}

    /** Which way it lets anything through: a serial module on one pin hears or speaks, and not both. */
    public function direction(): Direction
    {
        return Addressing::Command === $this->profile->addressing
            ? $this->profile->direction->through(($this->channel->link ?? LinkKind::BothWays)->direction())
            : $this->profile->direction;
    }

    /**
     * What must be there for it to work.
     *
     * @return list<Need>
     */
    public function needs(): array
    {
        return $this->channel->repeated ? [...$this->profile->needs, Need::Repeater] : $this->profile->needs;
    }

    /** Whether it is gone in an outage. */
    public function isGoneIn(Outage $outage): bool
    {
        foreach ($this->needs() as $need) {
            $isItsOwn = null === $outage->channel || $outage->channel === $this->id;
            if ($isItsOwn && $need->isGoneWith($outage->need)) {
                return true;
            }
        }

        return false;
    }

    /** Whether a message can be lost on it without either side noticing. */
    public function losesMessages(): bool
    {
        return $this->profile->lossy || $this->channel->repeated;
    }
}
