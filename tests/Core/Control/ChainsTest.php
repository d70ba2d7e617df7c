<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\LinkKind;
use IronLatch\Core\Catalogue\Direction;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\Outage;
use IronLatch\Core\Control\Outages;
use IronLatch\Core\Control\ServiceRule;
use IronLatch\Core\Exchange\BoardJson;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Review\Finding;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Chains as they are found in houses: what passes, how long it takes, what each hop is told, and what is left when one is gone. */
final class ChainsTest extends TestCase
{
    /**
     * Written by hand: delays are sums of the typical ones in the part files.
     *
     * @return iterable<string, array{list<string>, Direction, float, list<string>, list<string>}> profiles from the hand to the board,
     *     what passes, typical seconds, rules, and outages in which the lamp is lost
     */
    public static function chains(): iterable
    {
        $net = ['the wireless network is gone'];
        $out = [...$net, 'the internet is gone'];
        $service = static fn(string $name): array => [
            sprintf('the service “%s” is gone', $name),
            sprintf('the account of “%s” has expired or must be paid', $name),
        ];
        $machine = static fn(string $name): string => sprintf('the machine of “%s” is off', $name);
        yield 'voice, rules in the house, broker' => [
            ['spoken-assistant', 'house-rules', 'message-broker'],
            Direction::Both,
            1.1,
            [
                'Hop 3: “turn on Lamp” → Hop 1: publish “ON” to bare/lamp/set',
                'Hop 3: “turn off Lamp” → Hop 1: publish “OFF” to bare/lamp/set',
            ],
            [...$out, $machine('Hop 1'), $machine('Hop 2'), ...$service('Hop 3')],
        ];
        yield 'voice, rule service, request' => [
            ['spoken-assistant', 'rule-service', 'web-request'],
            Direction::Command,
            5.1,
            [
                'Hop 3: “turn on Lamp” → Hop 1: POST http://«HOP_1_BOARD_ADDRESS»/lamp/on',
                'Hop 3: “turn off Lamp” → Hop 1: POST http://«HOP_1_BOARD_ADDRESS»/lamp/off',
            ],
            [...$out, ...$service('Hop 2'), ...$service('Hop 3')],
        ];
        yield 'voice, rule service, outside broker' => [
            ['spoken-assistant', 'rule-service', 'outside-broker'],
            Direction::Command,
            5.3,
            [
                'Hop 3: “turn on Lamp” → Hop 1: publish “ON” to bare/lamp/set',
                'Hop 3: “turn off Lamp” → Hop 1: publish “OFF” to bare/lamp/set',
            ],
            [...$out, ...$service('Hop 1'), ...$service('Hop 2'), ...$service('Hop 3')],
        ];
        yield 'voice, broker' => [
            ['spoken-assistant', 'message-broker'],
            Direction::Both,
            1.05,
            [],
            [...$out, $machine('Hop 1'), ...$service('Hop 2')],
        ];
        yield 'panel, broker' => [['phone-panel', 'message-broker'], Direction::Both, 0.1, [], [...$net, $machine('Hop 1')]];
        yield 'panel, request' => [['phone-panel', 'web-request'], Direction::Both, 0.15, [], $net];
        yield 'voice in the house, rules, broker' => [
            ['local-voice-box', 'house-rules', 'message-broker'],
            Direction::Command,
            0.9,
            ['Hop 3: “Lamp on” → Hop 1: publish “ON” to bare/lamp/set', 'Hop 3: “Lamp off” → Hop 1: publish “OFF” to bare/lamp/set'],
            [...$net, $machine('Hop 1'), $machine('Hop 2'), $machine('Hop 3')],
        ];
        yield 'voice in the house, request' => [
            ['local-voice-box', 'web-request'],
            Direction::Command,
            0.9,
            [],
            [...$net, $machine('Hop 2')],
        ];
        yield 'voice, service with numbers' => [
            ['spoken-assistant', 'numbered-service'],
            Direction::Both,
            1.6,
            [],
            [...$out, ...$service('Hop 1'), ...$service('Hop 2')],
        ];
        yield 'rules in the house, texts' => [
            ['house-rules', 'serial-radio-text'],
            Direction::Both,
            0.1,
            ['“Lamp on” is asked for → Hop 1: send the text “L1+”', '“Lamp off” is asked for → Hop 1: send the text “L1-”'],
            ['the radio link “Hop 1” is gone', $machine('Hop 2')],
        ];
        yield 'panel, rules in the house, words' => [
            ['phone-panel', 'house-rules', 'serial-radio-words'],
            Direction::Both,
            0.15,
            ['Hop 3: “Lamp on” → Hop 1: send the text “lamp on”', 'Hop 3: “Lamp off” → Hop 1: send the text “lamp off”'],
            [...$net, 'the radio link “Hop 1” is gone', $machine('Hop 2')],
        ];
        yield 'rule service, service that writes pins' => [
            ['phone-panel', 'pin-service-chip'],
            Direction::Both,
            0.65,
            [],
            [...$out, ...$service('Hop 1')],
        ];
        yield 'voice, service with a device for each line' => [
            ['spoken-assistant', 'device-service'],
            Direction::Both,
            1.6,
            [],
            [...$out, ...$service('Hop 1'), ...$service('Hop 2')],
        ];
        yield 'request alone' => [['web-request'], Direction::Both, 0.1, [], $net];
    }

    /**
     * @param list<string> $profiles
     * @param list<string> $rules
     * @param list<string> $lostIn
     */
    #[DataProvider('chains')]
    public function testAChainIsDerivedAndReadBack(array $profiles, Direction $direction, float $seconds, array $rules, array $lostIn): void
    {
        $board = self::board($profiles);
        $board = BoardJson::read(BoardJson::write($board));
        $map = ControlMap::of($board);
        $outer = 'C' . count($profiles);
        $route = $map->routes[$outer];
        self::assertSame($direction, $route->direction());
        self::assertEqualsWithDelta($seconds, $route->delay()?->value, 1e-9);
        self::assertCount(count($profiles), $route->delay()->inputs ?? []);
        $made = [];
        foreach ($map->routes as $id => $one) {
            foreach (ServiceRule::on($map, $id) as $rule) {
                $made[] = $rule->when . ' → ' . $rule->does;
            }
        }
        self::assertSame($rules, $made);
        $outages = Outages::of($map);
        $lost = array_filter($outages->all, static fn(Outage $one): bool => !in_array($outer, $outages->left('L1', $one), true));
        $words = array_map(static fn(Outage $one): string => $one->words(), array_values($lost));
        sort($words);
        sort($lostIn);
        self::assertSame($lostIn, $words);
        self::assertSame([], array_filter(
            TestBoards::inspect($board)->findings,
            static fn(Finding $one): bool => 'controls.hop-missing' === $one->rule->id,
        ));
        $this->exportedAndReadBack($board, count($profiles));
    }

    /** Every sheet of the chain, the inner hop first, by another program’s reader of CSV. */
    private function exportedAndReadBack(Board $board, int $hops): void
    {
        $sheets = SetUpSheet::all(new Inspection($board));
        $titles = array_values(array_filter(
            array_map(static fn(SetUpSheet $sheet): string => $sheet->title, $sheets),
            static fn(string $title): bool => str_starts_with($title, 'Hop'),
        ));
        self::assertSame(
            array_map(static fn(int $hop): string => 'Hop ' . $hop, range(1, $hops)),
            $titles,
            'What is handed on to comes first.',
        );
        $reader = 'import csv, json, sys; print(json.dumps(list(csv.reader(sys.stdin))))';
        $process = new Process(['/usr/bin/python3', '-c', $reader]);
        $process->setInput(SetUpSheet::allCsv($sheets, ['Set-up']));
        $read = json_decode($process->mustRun()->getOutput(), true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($read);
        $rows = array_map(static fn(mixed $row): array => is_array($row) ? $row : [], $read);
        self::assertCount(1, array_unique(array_map(count(...), $rows)));
        foreach ($sheets as $sheet) {
            foreach ([...$sheet->rows, $sheet->header] as $row) {
                $padded = array_pad($row, count($rows[0]), '');
                self::assertContains(array_map(self::harmless(...), $padded), $rows, $sheet->title);
            }
        }
    }

    /** As a spreadsheet must not take it for a formula. */
    private static function harmless(string $cell): string
    {
        return 1 === preg_match('/^[=+\-@\t\r]/', $cell) ? "'" . $cell : $cell;
    }

    /**
     * @param list<string> $profiles
     */
    private static function board(array $profiles): Board
    {
        $board = TestBoards::sound();
        foreach (array_reverse($profiles) as $place => $profile) {
            $id = 'C' . ($place + 1);
            $board = TestBoards::edited(
                $board,
                new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Hop ' . ($place + 1)),
                ...0 === $place ? [] : [new HandOn($id, 'C' . $place)],
                ...[new PutOnChannel($id, ['L1'])],
            );
        }

        return $board;
    }

    public function testAModuleOnOnePinLetsOneWayThrough(): void
    {
        $board = self::board(['phone-panel', 'serial-radio-text']);
        $ways = [];
        foreach ([null, LinkKind::BothWays, LinkKind::Listens, LinkKind::Speaks, LinkKind::Inside] as $link) {
            $linked = null === $link ? $board : (new ChangeChannel('C1', link: $link))->apply($board);
            $ways[] = ControlMap::of($linked)->routes['C2']->direction();
        }
        self::assertSame([Direction::Both, Direction::Both, Direction::Command, Direction::State, Direction::Both], $ways);
    }

    /** 1 − 0.99 · 0.995, by hand. */
    public function testLossesOfHopsMultiply(): void
    {
        $routes = ControlMap::of(self::board(['rule-service', 'message-broker']))->routes;
        self::assertEqualsWithDelta([0.5, 1.495], [$routes['C1']->lost()?->value, $routes['C2']->lost()?->value], 1e-9);
    }

    public function testNoChannelHandsOnToItself(): void
    {
        $board = self::board(['house-rules', 'web-request']);
        $this->expectExceptionMessage('“Hop 1” would hand on to itself in the end. Choose another hop.');
        (new HandOn('C1', 'C2'))->apply($board);
    }
}
