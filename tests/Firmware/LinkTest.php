<?php

declare(strict_types=1);

namespace IronLatch\Tests\Firmware;

use IronLatch\Core\Board\Board;
use IronLatch\Tests\Support\BenchDesk;
use IronLatch\Tests\Support\HouseBroker;
use IronLatch\Tests\Support\RunningDesk;
use IronLatch\Tests\Support\Sample;
use PHPUnit\Framework\TestCase;

/**
 * The sketch of the Utility room board, as it is handed over, run on this computer with a real broker (Debian’s mosquitto) and with one
 * that misbehaves; looked at by the address and undefined-behaviour sanitizers.
 */
final class LinkTest extends TestCase
{
    private const ROOT = 'alder-row/utility/';
    private const MOST_LATE_MICROS = 1_000_000;

    /** @var list<HouseBroker> */
    private array $brokers = [];
    private ?RunningDesk $desk = null;

    protected function tearDown(): void
    {
        $this->desk?->process->stop(0);
        foreach ($this->brokers as $broker) {
            $broker->close();
        }
    }

    private static function board(): Board
    {
        return BenchDesk::demo('utility-room');
    }

    /**
     * @return array{RunningDesk, HouseBroker}
     */
    private function joined(): array
    {
        $this->brokers[] = $broker = new HouseBroker();

        return [$this->desk = new RunningDesk(self::board(), ['HOUSE_BROKER_HOST' => '127.0.0.1:' . $broker->port]), $broker];
    }

    public function testItDoesWhatIsSaidAndTellsWhatIs(): void
    {
        [$desk, $broker] = $this->joined();
        $client = $broker->listen();
        $said = '';
        $heard = static function (string $line) use ($client, &$said): void {
            self::assertTrue(RunningDesk::comes($client, $said, self::ROOT . $line . "\n"), $line);
        };
        $heard('presence online');
        $heard('boiler-cupboard-vent/state OFF');
        $broker->say(self::ROOT . 'worktop-lamp/set', 'ON');
        self::assertTrue($desk->relayIs('L5', true));
        $heard('worktop-lamp/state ON');
        // A hand at the board is told too.
        self::assertTrue($this->pressUntil($desk, false));
        $heard('worktop-lamp/state OFF');
        // What means nothing, what is for nobody, and what is huge leave everything as it is.
        foreach (['on', 'ON ', '', 'TOGGLE!', str_repeat('ON', 40_000)] as $nothing) {
            $broker->say(self::ROOT . 'worktop-lamp/set', $nothing);
        }
        $broker->say(self::ROOT . str_repeat('worktop-lamp/', 900) . 'set', 'ON');
        // A percentage above all is all.
        $broker->say(self::ROOT . 'extractor-fan/set', '250');
        $heard('extractor-fan/state 100');
        self::assertTrue($desk->says(sprintf(" %d 1\n", $desk->relayPin('L2', 2))));
        $broker->say(self::ROOT . 'worktop-lamp/set', 'ON');
        self::assertTrue($desk->relayIs('L5', true), 'It goes on hearing.');
        $later = $broker->listen();
        $kept = '';
        self::assertTrue(RunningDesk::comes($later, $kept, self::ROOT . "worktop-lamp/state ON\n"), 'States are kept.');
        $desk->process->signal(9);
        $heard('presence offline');
    }

    public function testACommandThatTheBrokerHasKeptIsNotObeyed(): void
    {
        [$desk, $broker] = $this->joined();
        $client = $broker->listen();
        $said = '';
        self::assertTrue(RunningDesk::comes($client, $said, "presence online\n"));
        $broker->say(self::ROOT . 'boiler-cupboard-vent/set', 'ON', kept: true);
        self::assertTrue($desk->relayIs('L6', true), 'Said to somebody who listens it is a command like any other.');
        $broker->say(self::ROOT . 'boiler-cupboard-vent/set', 'OFF');
        self::assertTrue($desk->relayIs('L6', false));
        $broker->kill();
        $broker->start();
        // The broker of this test forgets what it kept when it is killed: it is told again before the board is back.
        $broker->say(self::ROOT . 'boiler-cupboard-vent/set', 'ON', kept: true);
        $again = $broker->listen(self::ROOT . 'presence');
        $said = '';
        self::assertTrue(RunningDesk::comes($again, $said, "presence online\n", 40.0), 'It comes back by itself.');
        $broker->say(self::ROOT . 'worktop-lamp/set', 'ON');
        self::assertTrue($desk->relayIs('L5', true));
        $moved = explode(sprintf(" %d 0\n", $desk->relayPin('L6')), $desk->process->getOutput());
        self::assertStringNotContainsString(sprintf(" %d 1\n", $desk->relayPin('L6')), $moved[count($moved) - 1], 'It is left alone.');
    }

    public function testTenThousandMessagesLeaveItAsTheLastOneSays(): void
    {
        [$desk, $broker] = $this->joined();
        $client = $broker->listen(self::ROOT . 'presence');
        $said = '';
        self::assertTrue(RunningDesk::comes($client, $said, "presence online\n"));
        $many = [];
        for ($number = 0; $number < 10_000; ++$number) {
            $many[] = ['ON', 'OFF', 'TOGGLE', 'nonsense'][$number % 4];
        }
        $broker->sayAll(self::ROOT . 'worktop-lamp/set', $many);
        // A broker leaves out what is delivered once at most and finds no room: the last word is said when it has.
        $broker->say(self::ROOT . 'worktop-lamp/set', 'OFF');
        $broker->say(self::ROOT . 'boiler-cupboard-vent/set', 'ON');
        self::assertTrue($desk->relayIs('L6', true, 60.0));
        $output = $desk->process->getOutput();
        $pin = $desk->relayPin('L5');
        self::assertGreaterThan(strrpos($output, " $pin 1\n"), strrpos($output, " $pin 0\n"));
        // Two of four change nothing: it is on already, or nobody knows the word.
        self::assertGreaterThan(2_000, substr_count($output, " $pin 1\n"));
    }

    /** A broker that takes the connection and greets, and then neither hears nor says anything. */
    public function testASilentBrokerHoldsUpNoSwitch(): void
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($server);
        $name = (string) stream_socket_get_name($server, false);
        // A lamp that tells of the link is no answer to a hand.
        $this->desk = $desk = new RunningDesk(self::board(), ['HOUSE_BROKER_HOST' => $name], isSanitized: false, watches: 'L5');
        $peer = stream_socket_accept($server, 20);
        self::assertNotFalse($peer);
        fwrite($peer, "\x20\x02\x00\x00");
        $seconds = Sample::size(3, 60);
        $presses = Sample::size(40, 1_000);
        $began = microtime(true);
        $isOn = false;
        $press = 0;
        for (; $press < $presses || microtime(true) - $began < $seconds; ++$press) {
            $isOn = !$isOn;
            self::assertTrue($this->pressUntil($desk, $isOn), 'press ' . $press);
        }
        $measured = $desk->end();
        if ('full' === getenv('IRON_LATCH_PROPERTIES')) {
            fwrite(STDERR, sprintf("\n%d presses, latest %d us, longest pass %d us\n", $press, $measured['late'], $measured['longest']));
        }
        // A call that waits would take seconds; less is told apart from what the machine itself does only where it does nothing else.
        self::assertLessThan(self::MOST_LATE_MICROS, $measured['late']);
        fclose($peer);
    }

    /** Whatever a broker says that it may not say: it is left, and sought again. */
    public function testABrokerThatBreaksTheProtocolIsLeft(): void
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($server);
        $this->desk = $desk = new RunningDesk(self::board(), ['HOUSE_BROKER_HOST' => (string) stream_socket_get_name($server, false)]);
        foreach ([
            'refused' => "\x20\x02\x00\x05",
            'a greeting that is too long' => "\x20\x03\x00\x00\x00",
            'a length of five bytes' => "\x20\x02\x00\x00\x30\xFF\xFF\xFF\xFF\x01",
        ] as $what => $says) {
            $peer = stream_socket_accept($server, 40);
            self::assertNotFalse($peer, $what);
            self::assertStringStartsWith("\x10", (string) fread($peer, 1));
            fwrite($peer, $says);
            stream_set_timeout($peer, 20);
            while (!feof($peer) && '' !== (string) fread($peer, 4_096)) {
                continue;
            }
            self::assertTrue(feof($peer), $what . ': it is left.');
            fclose($peer);
        }
        self::assertTrue($this->pressUntil($desk, true), 'The switch works all the while.');
    }

    /** On a busy machine the stand-in may stand still for so long that a press is over before it has looked: a hand presses again. */
    private function pressUntil(RunningDesk $desk, bool $isOn): bool
    {
        for ($tries = 0; $tries < 10; ++$tries) {
            $this->press($desk);
            if ($desk->relayIs('L5', $isOn, 1.0)) {
                return true;
            }
        }

        return false;
    }

    private function press(RunningDesk $desk): void
    {
        $board = self::board();
        foreach ($board->lines['L5']->surfaces as $surface) {
            if ($surface->kind->isByHand()) {
                // As long as a contact must rest, at least.
                $desk->holds($surface->function, true);
                usleep(80_000);
                $desk->holds($surface->function, false);

                return;
            }
        }
    }
}
