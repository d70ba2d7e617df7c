<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\Tier;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Measured;

/** States what a service gives for its price; what is left out stays as it was. */
#[Says(Nature::Observation)]
final readonly class StateTier implements Edit
{
    public function __construct(
        public string $channel,
        public ?string $name = null,
        public ?int $entries = null,
        #[Measured(Unit::Euro, least: 0.0, most: 10_000.0)]
        #[Question('It costs, a month', help: 'On the service’s page of prices; 0 where it is free.')]
        public ?float $eurosPerMonth = null,
        public ?string $seenOn = null,
        public ?string $fallsAway = null,
    ) {}

    public function apply(Board $board): Board
    {
        $channel = Targets::channel($board, $this->channel);
        if (!$board->profile($channel)->wantsAccount()) {
            throw new EditRefused(sprintf('“%s” is in the house and asks for no account, so it has no price.', $channel->name));
        }
        if ([] === array_filter(
            array_diff_key(get_object_vars($this), ['channel' => true]),
            static fn(mixed $said): bool => null !== $said,
        )) {
            throw new EditRefused('Nothing was stated. Fill in at least one of the fields.');
        }
        Targets::requirePossible($this);
        $tier = ($channel->tier ?? new Tier())->with(
            $this->name,
            $this->entries,
            $this->eurosPerMonth,
            $this->seenOn,
            $this->fallsAway,
        );

        return $board->with(channels: [...$board->channels, $this->channel => $channel->with(tier: $tier)]);
    }

    public function summary(Board $board): string
    {
        return sprintf('State what “%s” gives for its price', $board->nameOf($this->channel));
    }
}
