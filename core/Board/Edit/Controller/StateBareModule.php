<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit\Controller;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\EditRefused;
use IronLatch\Core\Board\Edit\Nature;
use IronLatch\Core\Board\Edit\Place;
use IronLatch\Core\Board\Edit\Question;
use IronLatch\Core\Board\Edit\Says;
use IronLatch\Core\Record\Fact;

/** States what stands around a bare module; what is left out stays as it was. */
#[Says(Nature::Choice)]
#[Place('mcu.*')]
final readonly class StateBareModule implements Edit
{
    /**
     * @param ?bool $resetPulled 10 kΩ and 1 µF at the reset line (EN, RST)
     * @param ?bool $programmingAccess supply, ground, both serial lines, boot and reset on a header
     */
    public function __construct(
        #[Question('Reset line', yes: 'has a pull-up and a capacitor', no: 'has neither')]
        public ?bool $resetPulled = null,
        #[Question('Serial lines, boot and reset', yes: 'are led to a header', no: 'are not')]
        public ?bool $programmingAccess = null,
    ) {}

    public function apply(Board $board): Board
    {
        if (!$board->controller()->carrier->isBareModule) {
            throw new EditRefused('The controller sits on a carrier, which brings all of this itself.');
        }
        if (null === $this->resetPulled && null === $this->programmingAccess) {
            throw new EditRefused('Nothing was stated. Fill in at least one of the fields.');
        }

        return $board->with(mcu: $board->mcu->with(
            resetPulled: null === $this->resetPulled ? null : Fact::stated($this->resetPulled),
            programmingAccess: null === $this->programmingAccess ? null : Fact::stated($this->programmingAccess),
        ));
    }

    public function summary(Board $board): string
    {
        return 'State what stands around the bare module';
    }
}
