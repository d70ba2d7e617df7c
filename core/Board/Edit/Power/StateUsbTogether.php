<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Power;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Record\Fact;

/** States whether USB is plugged in while the board’s own source feeds the carrier. */
#[Says(Nature::Intention)]
final readonly class StateUsbTogether implements Edit
{
    public function __construct(
        #[Place('mcu.usbTogether')]
        #[Question('USB beside the board’s own source', yes: 'used together', no: 'never plugged in together')]
        public bool $together,
    ) {}

    public function apply(Board $board): Board
    {
        if (null === $board->controller()->carrier->usb) {
            throw new EditRefused('This carrier has no USB socket.');
        }

        return $board->with(mcu: $board->mcu->with(usbTogether: Fact::stated($this->together)));
    }

    public function summary(Board $board): string
    {
        return $this->together
            ? 'State that USB is plugged in beside the board’s own source'
            : 'State that USB is never plugged in beside the board’s own source';
    }
}
