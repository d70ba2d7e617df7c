<?php

declare(strict_types=1);

namespace IronLatch\Tests\Command;

use IronLatch\Phone\Devices;
use IronLatch\Phone\LargeType;
use IronLatch\Phone\PrivateAddresses;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\CommandTester;

/** What opens the door for phones at the command line. */
final class PhoneCommandsTest extends KernelTestCase
{
    private static function command(string $name): CommandTester
    {
        return new CommandTester((new Application(self::bootKernel()))->find($name));
    }

    /**
     * The ranges of RFC 1918 and RFC 4193, and what lies beside them.
     *
     * @return iterable<string, array{bool}>
     */
    public static function addresses(): iterable
    {
        foreach ([
            '10.0.0.0', '10.255.255.255', '172.16.0.0', '172.31.255.255', '192.168.0.1', '192.168.255.255', 'fc00::1', 'fdff::1',
        ] as $own) {
            yield $own => [true];
        }
        foreach ([
            '9.255.255.255', '11.0.0.0', '172.15.255.255', '172.32.0.0', '192.167.255.255', '192.169.0.0', '127.0.0.1', '0.0.0.0', '::',
            '::1', '169.254.1.1', '8.8.8.8', 'fbff::1', 'fe00::1', '2001:db8::1', '', '10.0.0', '10.0.0.1 ', 'desk.example', '10.0.0.1/8',
        ] as $other) {
            yield $other => [false];
        }
    }

    #[DataProvider('addresses')]
    public function testOnlyPrivateAddressesAreOpened(bool $is): void
    {
        self::assertSame($is, PrivateAddresses::isPrivate((string) $this->dataName()));
    }

    public function testWhatTheWorldCanReachIsRefused(): void
    {
        $tester = self::command('latch:address');
        self::assertSame(1, $tester->execute(['address' => '8.8.8.8']));
        self::assertMatchesRegularExpression('/what the world can reach is never opened|no private address/', $tester->getDisplay());
        foreach (array_keys(PrivateAddresses::here()) as $address) {
            self::assertSame(0, $tester->execute(['address' => $address]));
            self::assertSame($address, trim($tester->getDisplay()));
        }
    }

    public function testTheCodeIsPrintedLarge(): void
    {
        $tester = self::command('latch:pair');
        self::assertSame(0, $tester->execute(['address' => 'http://192.168.1.5:8042', '--may' => 'look']));
        $devices = self::getContainer()->get(Devices::class);
        $code = (string) $devices->gate()?->code(new \DateTimeImmutable());
        foreach ([...LargeType::lines(substr($code, 0, 4) . ' ' . substr($code, 4)), ...LargeType::lines('192.168.1.5')] as $line) {
            self::assertStringContainsString($line, $tester->getDisplay());
        }
        self::assertStringContainsString('is not encrypted', $tester->getDisplay());
        self::assertSame(1, $tester->execute(['address' => 'x', '--may' => 'anything']));
        self::assertStringContainsString('A device may: look; bench and commissioning; everything.', $tester->getDisplay());
    }

    public function testDigitsAreToldFromEachOther(): void
    {
        $drawn = array_map(static fn(int $digit): string => implode("\n", LargeType::lines((string) $digit)), range(0, 9));
        self::assertCount(10, array_unique($drawn));
        self::assertSame([' ####', '     #', ' ####', '#', ' ####'], LargeType::lines('2'));
        self::assertLessThanOrEqual(80, max([0, ...array_map(strlen(...), LargeType::lines('192.168.1.5'))]));
    }
}
