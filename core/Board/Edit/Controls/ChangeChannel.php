<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controls;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Targets;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Catalogue\Addressing;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Fact;
use IronLatch\Core\Record\Measured;

/** Changes what is said of a channel; what is left out stays as it was. */
final readonly class ChangeChannel implements Edit
{
    public function __construct(
        public string $channel,
        public ?string $name = null,
        public ?string $root = null,
        #[Measured(Unit::Second)]
        #[Place('blockSeconds')]
        #[Question(
            'While it reconnects, the program stands still for',
            help: 'Measured with the broker switched off; 0 s where nothing waits for it.',
        )]
        public ?float $blockSeconds = null,
        public ?bool $cappedOnPurpose = null,
        public ?LinkKind $link = null,
        public ?bool $repeated = null,
        #[Question(
            'The service’s address is that of',
            help: 'The region that the account was made in: an account of one is not known in another.',
        )]
        public ?string $region = null,
    ) {}

    public function apply(Board $board): Board
    {
        if (null !== $this->name) {
            Targets::requireName($this->name);
        }
        if (null !== $this->link && Addressing::Command !== $board->profile(Targets::channel($board, $this->channel))->addressing) {
            throw new EditRefused('Only a serial radio is joined by pins or inside the controller.', 'link');
        }

        return $board->with(channels: [
            ...$board->channels,
            $this->channel => Targets::channel($board, $this->channel)->with(
                name: $this->name,
                root: $this->root,
                blockSeconds: null === $this->blockSeconds ? null : Fact::stated($this->blockSeconds),
                cappedOnPurpose: $this->cappedOnPurpose,
                link: $this->link,
                repeated: $this->repeated,
                region: $this->region,
            ),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Change the channel “%s”', $board->nameOf($this->channel));
    }
}
