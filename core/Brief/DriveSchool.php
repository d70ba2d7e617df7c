<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\BuildForm;

/** With what a draft drives its relays. */
enum DriveSchool: string
{
    case Module = 'ready modules';
    case Transistor = 'a transistor for each relay';
    case DarlingtonArray = 'a Darlington array';

    /** More lines than these with all their parts nobody likes to solder onto a grid (common practice). */
    private const FEW_LINES = 6;

    /**
     * Forms of build that go with it, the least work first.
     *
     * @return list<BuildForm>
     */
    public function forms(bool $isBareModule, int $lines): array
    {
        return match (true) {
            $isBareModule => [BuildForm::Assembled],
            self::Module === $this => [BuildForm::HandWired],
            $lines > self::FEW_LINES => [BuildForm::CarrierBoard],
            self::Transistor === $this => [BuildForm::Perforated, BuildForm::CarrierBoard],
            self::DarlingtonArray === $this => [BuildForm::Perforated],
        };
    }
}
