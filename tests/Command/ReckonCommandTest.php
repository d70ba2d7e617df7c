<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

final class ReckonCommandTest extends TestCase
{
    public function testAFigureComesWithUnitWorkingAndSource(): void
    {
        [$code, $output] = self::reckon('coil', 'volts=12', '--format=json');
        $figures = json_decode($output, true, flags: JSON_THROW_ON_ERROR);
        self::assertSame(0, $code);
        self::assertSame(
            [
                'label' => 'coil resistance',
                'value' => '400 Ω',
                'formula' => 'V² ÷ P',
                'inputs' => ['V = 12 V', 'P = 360 mW'],
                'source' => 'Ohm’s law',
            ],
            is_array($figures) ? $figures[0] : null,
        );
        self::assertStringContainsString("coil current: 30 mA\n", self::reckon('coil', 'volts=12 V')[1]);
    }

    public function testWhatCannotBeIsSaidAndEndsWithTwo(): void
    {
        self::assertSame([2, '', "Nominal voltage lies between 500 mV and 400 V; 0 V does not.\n"], self::reckon('coil', 'volts=0 V'));
        [$code, $output, $errors] = self::reckon('cold-fusion');
        self::assertSame([2, ''], [$code, $output]);
        self::assertStringContainsString("There is no such calculation. There are:\nbase-resistor ", $errors);
    }

    public function testWithoutAKindTheListIsGiven(): void
    {
        [$code, $output] = self::reckon();
        self::assertSame(0, $code);
        self::assertMatchesRegularExpression('/^gate-divider +Gate at reset \(supply, pullUp, pullDown\)$/m', $output);
    }

    /**
     * @return array{int, string, string}
     */
    private static function reckon(string ...$arguments): array
    {
        $process = new Process(['php', __DIR__ . '/../../bin/latch', 'reckon', ...array_values($arguments)]);
        $code = $process->run();

        return [$code, $process->getOutput(), $process->getErrorOutput()];
    }
}
