<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Catalogue;

use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SupplyForm;
use IronLatch\Core\Quantity\Spread;
use IronLatch\Core\Record\Copy;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\TestCase;

/** Which source may stand in for another: common practice, no source. */
final class SupplyTest extends TestCase
{
    public function testOneOfTheSameFormAndVoltageIsAlike(): void
    {
        $five = Copy::of(TestBoards::part('module-12v-10w', Supply::class), ['output' => Spread::exactly(5.0)]);
        foreach (['5.0' => true, '5.1' => true, '4.9' => true, '5.105' => false, '4.895' => false, '12.0' => false] as $volts => $isAlike) {
            $other = Copy::of($five, ['output' => Spread::exactly((float) $volts)]);
            self::assertSame($isAlike, $other->isOfTheKindOf($five), $volts . ' V beside 5 V');
        }
        foreach (SupplyForm::cases() as $form) {
            self::assertSame($form === $five->form, Copy::of($five, ['form' => $form])->isOfTheKindOf($five), $form->value);
        }
    }
}
