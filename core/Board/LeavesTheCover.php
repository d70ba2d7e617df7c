<?php

declare(strict_types=1);

namespace IronLatch\Core\Board;

use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;

/** What of the low-voltage side can be touched although the cover is shut: while there is any, that side cannot be treated as live. */
final class LeavesTheCover
{
    /**
     * @return list<string> names with what they are, in the order of the board
     */
    public static function all(Board $board): array
    {
        $leaving = [];
        foreach ($board->functions as $function) {
            if (self::isTouched($function->kind)) {
                $leaving[] = sprintf('“%s” (%s)', $function->name, $function->kind->value);
            }
        }
        foreach ($board->lines as $line) {
            if (null !== $board->appliance($line)->dcVolts) {
                $leaving[] = sprintf('“%s” (a low-voltage appliance)', $line->name);
            }
        }
        foreach ($board->rails as $rail) {
            $form = ($board->parts[$rail->supply] ?? null) instanceof Supply ? $board->part($rail->supply, Supply::class)->form : null;
            if ($rail->throughUsb || null !== $form && self::comesFromOutside($form)) {
                $leaving[] = sprintf('the supply of the rail %s (%s)', $rail->name, $rail->throughUsb ? 'through USB' : $form->value);
            }
        }
        if (true === $board->box?->socketReachable?->value) {
            $leaving[] = 'the USB or programming socket';
        }

        return $leaving;
    }

    /** A button, a switch on its cable, a probe: whatever a hand or water reaches. */
    private static function isTouched(FunctionKind $kind): bool
    {
        return match ($kind) {
            FunctionKind::MaintainedSwitch, FunctionKind::Button, FunctionKind::SelectorPosition, FunctionKind::SelectorLadder,
            FunctionKind::ReedContact, FunctionKind::LeakProbe, FunctionKind::LeakModule, FunctionKind::MotionSensor,
            FunctionKind::AnalogueSensor, FunctionKind::OneWireSensor => true,
            default => false,
        };
    }

    /** It stands outside the box, and its lead comes in. */
    private static function comesFromOutside(SupplyForm $form): bool
    {
        return SupplyForm::EncapsulatedModule !== $form && SupplyForm::Battery !== $form && SupplyForm::BlockBattery !== $form;
    }
}
