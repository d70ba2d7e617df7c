<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Lines;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Board\Edit\Targets;

/** States that a line without a control, a control without a line, or a channel with too few places is meant so. */
#[Says(Nature::Intention)]
final readonly class StateOnPurpose implements Edit
{
    /**
     * @param string $subject id of a line, a function or a channel
     */
    public function __construct(public string $subject, public bool $onPurpose = true) {}

    public function apply(Board $board): Board
    {
        if (isset($board->lines[$this->subject])) {
            return $board->with(lines: [
                ...$board->lines,
                $this->subject => $board->lines[$this->subject]->with(uncontrolled: $this->onPurpose),
            ]);
        }
        if (isset($board->channels[$this->subject])) {
            return $board->with(channels: [
                ...$board->channels,
                $this->subject => $board->channels[$this->subject]->with(cappedOnPurpose: $this->onPurpose),
            ]);
        }

        return $board->with(functions: [
            ...$board->functions,
            $this->subject => Targets::function($board, $this->subject)->with(servesNoLine: $this->onPurpose),
        ]);
    }

    public function summary(Board $board): string
    {
        return sprintf($this->onPurpose ? '“%s” is meant so' : '“%s” is not meant so', $board->nameOf($this->subject));
    }
}
