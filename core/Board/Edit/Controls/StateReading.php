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
use IronLatch\Core\Board\LineEnding;
use IronLatch\Core\Board\TextReading;
use IronLatch\Core\Catalogue\Addressing;

/** Says how the program reads the text commands of a channel; what is left out stays as it was. */
#[Says(Nature::Choice)]
final readonly class StateReading implements Edit
{
    public function __construct(
        public string $channel,
        #[Question('A text command is over with', help: 'What the program waits for, and what the app at the other end is set to send.')]
        public ?LineEnding $ending = null,
        #[Question('Capitals and small letters', yes: 'are the same to it', no: 'are told apart')]
        public ?bool $ignoresCase = null,
        #[Question('Blanks before and behind a command', yes: 'are left out', no: 'are part of it')]
        public ?bool $trims = null,
    ) {}

    public function apply(Board $board): Board
    {
        $channel = Targets::channel($board, $this->channel);
        if (Addressing::Command !== $board->profile($channel)->addressing) {
            throw new EditRefused(sprintf('“%s” carries no text commands.', $channel->name));
        }

        return $board->with(channels: [
            ...$board->channels,
            $this->channel => $channel->with(
                reading: ($channel->reading ?? new TextReading())->with($this->ending, $this->ignoresCase, $this->trims),
            ),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf('Say how the program reads “%s”', $board->nameOf($this->channel));
    }
}
