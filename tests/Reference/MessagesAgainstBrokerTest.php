<?php

declare(strict_types=1);

namespace IronLatch\Tests\Reference;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Lines\RenameLine;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\Announced;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Entry;
use IronLatch\Core\Control\MessageList;
use IronLatch\Core\Control\MessageRow;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Tests\Support\HouseBroker;
use IronLatch\Tests\Support\TestBoards;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/**
 * Topics and payloads against a real broker and its clients (Debian’s mosquitto), over loopback; announcements against a JSON schema
 * (opis/json-schema).
 */
final class MessagesAgainstBrokerTest extends TestCase
{
    private const SECONDS = 20;
    /** Line by line, so that it is known when it listens. */
    private const CLIENT = ['stdbuf', '-oL', 'mosquitto_sub', '-d'];
    private HouseBroker $broker;

    protected function setUp(): void
    {
        $this->broker = new HouseBroker();
    }

    protected function tearDown(): void
    {
        $this->broker->close();
    }

    public function testEveryMessageArrivesAsItIsListedAndOnlyWhatIsRetainedStays(): void
    {
        foreach ($this->boards() as $name => $board) {
            $rows = array_values(array_filter(
                MessageList::of($board, ControlMap::of($board)),
                static fn(MessageRow $row): bool => null !== $row->retained,
            ));
            self::assertGreaterThan(8, count($rows), $name);
            $listener = $this->listen('#', count($rows));
            foreach ($rows as $row) {
                $this->publish($row->address, $row->example, true === $row->retained);
            }
            $listener->wait();
            self::assertSame(
                array_map(static fn(MessageRow $row): string => $row->address . ' ' . $row->example, $rows),
                self::heard($listener),
                $name,
            );
            $kept = [];
            foreach ($rows as $row) {
                if (true === $row->retained) {
                    $kept[$row->address] = $row->address . ' ' . $row->example;
                }
            }
            $later = $this->listen('#', count($kept));
            $later->wait();
            $found = self::heard($later);
            sort($found);
            sort($kept);
            self::assertSame($kept, $found, $name . ': whoever comes later gets states, announcements and presence, and no command.');
            foreach (array_keys($kept) as $place) {
                $this->publish(explode(' ', $kept[$place])[0], '', true);
            }
        }
    }

    /** Who listens to the states of all lines hears no command. */
    public function testStatesAreHeardByAWildcard(): void
    {
        $board = self::many();
        $map = ControlMap::of($board);
        $states = array_map(static fn(Entry $entry): string => $entry->state, $map->on('C2'));
        $listener = $this->listen('home/utility/+/state', count($states));
        foreach ($map->on('C2') as $entry) {
            $this->publish($entry->address, $entry->off, false);
            $this->publish($entry->state, $entry->off, false);
        }
        $listener->wait();
        self::assertSame(array_map(static fn(string $topic): string => $topic . ' OFF', $states), self::heard($listener));
    }

    public function testTheLastWillIsTold(): void
    {
        $board = self::many();
        $map = ControlMap::of($board);
        $hop = $map->routes['C2']->hops[0];
        $form = Announced::form($hop);
        self::assertNotNull($form);
        $topic = Announced::availability($board, $hop);
        $this->publish($topic, $form->here, true);
        $watching = $this->listen($topic, 2);
        $dying = new Process([
            ...self::CLIENT,
            '-p',
            (string) $this->broker->port,
            '-t',
            'nothing',
            '--will-topic',
            $topic,
            '--will-payload',
            $form->gone,
            '--will-retain',
        ], timeout: self::SECONDS);
        $dying->start();
        $dying->waitUntil(static fn(string $type, string $said): bool => str_contains($said, 'Subscribed'));
        // stdbuf has become the client itself.
        $dying->signal(9);
        $watching->wait();
        self::assertSame(['home/utility/presence online', 'home/utility/presence offline'], self::heard($watching));
    }

    public function testAnnouncementsFollowTheirSchema(): void
    {
        $schema = json_encode([
            'type' => 'object',
            'properties' => [
                'name' => ['type' => 'string', 'minLength' => 1],
                'kind' => ['enum' => ['switch', 'light', 'dimmable light', 'fan', 'plug', 'valve', 'heater']],
                'room' => ['type' => 'string'],
                'board' => ['type' => 'string', 'minLength' => 1],
                'command' => ['type' => 'string', 'pattern' => '^[^+#]+/set$'],
                'state' => ['type' => 'string', 'pattern' => '^[^+#]+/state$'],
                'on' => ['type' => 'string'],
                'off' => ['type' => 'string', 'minLength' => 1],
                'presence' => ['type' => 'string', 'pattern' => '/presence$'],
            ],
            'required' => ['name', 'kind', 'room', 'board', 'command', 'state', 'on', 'off', 'presence'],
            'additionalProperties' => false,
        ], JSON_THROW_ON_ERROR);
        $seen = 0;
        foreach ($this->boards() as $board) {
            $map = ControlMap::of($board);
            foreach (array_keys($map->routes) as $channel) {
                foreach (Announced::on($board, $map, $channel) as $one) {
                    $result = (new Validator())->validate(json_decode($one->payload, flags: JSON_THROW_ON_ERROR), $schema);
                    self::assertTrue($result->isValid(), $one->payload);
                    ++$seen;
                }
            }
        }
        self::assertGreaterThanOrEqual(12, $seen);
    }

    /**
     * @return iterable<string, Board>
     */
    private function boards(): iterable
    {
        yield 'many ways' => self::many();
        yield 'utility room' => BoardJson::read((string) file_get_contents(dirname(__DIR__, 2) . '/demo/utility-room.json'));
        yield 'names as people write them' => TestBoards::edited(
            TestBoards::withLines(3),
            new RenameLine('L1', 'Größe "A" \\ B'),
            new RenameLine('L2', 'Лампа'),
            new AddChannel(TestBoards::part('outside-broker', SurfaceProfile::class), 'Far', 'haus/keller'),
            new PutOnChannel('C1', ['L1', 'L2', 'L3']),
        );
    }

    private static function many(): Board
    {
        return TestBoards::operatedInManyWays();
    }

    private function listen(string $filter, int $count): Process
    {
        $listener = new Process([
            ...self::CLIENT,
            '-v',
            '-p',
            (string) $this->broker->port,
            '-t',
            $filter,
            '-C',
            (string) $count,
            '-W',
            (string) self::SECONDS,
        ], timeout: self::SECONDS + 5);
        $listener->start();
        $listener->waitUntil(static fn(string $type, string $said): bool => str_contains($said, 'Subscribed'));

        return $listener;
    }

    private function publish(string $topic, string $payload, bool $retained): void
    {
        (new Process([
            'mosquitto_pub',
            '-p',
            (string) $this->broker->port,
            '-t',
            $topic,
            ...'' === $payload ? ['-n'] : ['-m', $payload],
            ...$retained ? ['-r'] : [],
        ], timeout: self::SECONDS))->mustRun();
    }

    /**
     * @return list<string> topic and payload, without what the client says of itself
     */
    private static function heard(Process $listener): array
    {
        return array_values(array_filter(
            explode("\n", $listener->getOutput()),
            static fn(string $line): bool => '' !== $line && !str_starts_with($line, 'Client ') && !str_starts_with($line, 'Subscribed'),
        ));
    }
}
