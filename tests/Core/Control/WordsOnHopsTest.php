<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Control;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Controls\StateTier;
use IronLatch\Core\Board\Edit\Controls\TellSurface;
use IronLatch\Core\Board\Edit\Drivers\StateActiveLevel;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\AddLineGroup;
use IronLatch\Core\Board\Edit\Lines\SetScene;
use IronLatch\Core\Board\Edit\Lines\StateShownAs;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\LineGroupKind;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\Need;
use IronLatch\Core\Catalogue\Operation;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Control\MessageList;
use IronLatch\Core\Control\MessageRow;
use IronLatch\Core\Control\PinNumbers;
use IronLatch\Core\Control\ServiceCosts;
use IronLatch\Core\Control\ServiceRule;
use IronLatch\Core\Control\ShownKinds;
use IronLatch\Core\Control\TextCommands;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Power\Scenario;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Core\Review\Starts;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is said on each hop: numbers of pins, texts, kinds of device, rules, messages. */
final class WordsOnHopsTest extends TestCase
{
    /** The print D5 is GPIO14 on ESP8266 carriers, and such a service calls it 5; D1 is GPIO5, which it calls 1. */
    #[TestWith(['pin-service-chip', 'D5', '14'])]
    #[TestWith(['pin-service-print', 'D5', 'D5'])]
    #[TestWith(['pin-service-own', 'D5', '5'])]
    #[TestWith(['pin-service-own', 'D1', '1'])]
    #[TestWith(['pin-service-own', 'D0', '0'])]
    public function testAPinHasThreeNumbers(string $profile, string $print, string $number): void
    {
        $board = TestBoards::edited(
            TestBoards::bare('esp8266-carrier-30', 'esp8266'),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            new SeatFunction('F1', $print),
            new AddChannel(Starts::profile($profile), 'Pins'),
            new PutOnChannel('C1', ['L1']),
        );
        $entry = ControlMap::of($board)->on('C1')[0];
        self::assertSame([$number, '1', '0'], [$entry->address, $entry->on, $entry->off]);
        $low = ControlMap::of((new StateActiveLevel(['A1'], Level::Low))->apply($board))->on('C1')[0];
        self::assertSame([$number, '0', '1'], [$low->address, $low->on, $low->off], 'A service that writes pins writes the level.');
        $row = SetUpSheet::all(new Inspection($board))['C1']->rows[0];
        $pin = PinNumbers::pinOf($board, 'L1');
        self::assertNotNull($pin);
        self::assertContains($pin->bothNames(), $row);
        self::assertStringContainsString('printed ' . $print, $pin->bothNames());
    }

    /** On an 8-bit chip the number of a port is no number of a pin. */
    public function testAPortHasTheNumberThatItsCoreCounts(): void
    {
        $pins = TestBoards::bare('atmega328p-carrier-30', 'atmega328p')->controller()->pins;
        $chip = Starts::profile('pin-service-chip');
        self::assertSame(['13', '5', '14'], array_map(
            static fn(string $pin): string => PinNumbers::ofService($pins[$pin], $chip),
            ['PB5', 'PD5', 'PC0'],
        ));
    }

    /**
     * @param list<string> $texts
     * @param ?list<string> $clash
     */
    #[TestWith([['L1+', 'L1-', 'L10+', 'L1?'], null])]
    #[TestWith([['L2+', 'L1', 'L1+'], ['L1', 'L1+']])]
    #[TestWith([['L1=5', 'L1=50'], ['L1=5', 'L1=50']])]
    #[TestWith([['lamp on', 'lamp on'], null])]
    #[TestWith([['a', 'b', 'ab'], ['a', 'ab']])]
    public function testATextThatBeginsAnother(array $texts, ?array $clash): void
    {
        self::assertSame($clash, TextCommands::prefix($texts));
    }

    public function testWhatAPhoneMakesOfAText(): void
    {
        self::assertSame(['Lamp on', 'L3+', 'Öfen aus'], array_map(TextCommands::asTyped(...), ['lamp ON', 'l3+', 'öfen aus']));
        self::assertSame([true, false, false, true], array_map(TextCommands::endsInAWord(...), ['lamp on', 'L3+', 'lamp 2', 'Licht an']));
    }

    public function testEveryTextOfAChannelIsListened(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            Starts::channel('serial-radio-text'),
            new TellSurface('S3', Operation::Toggle),
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1'], false),
        );
        self::assertSame(
            ['L1+' => 'S3', 'L1-' => 'S3', 'L1' => 'S3', 'L1?' => 'S3', 'L2+' => 'S4', 'L2-' => 'S4', 'L2?' => 'S4', 'G1-' => 'K1'],
            TextCommands::on(ControlMap::of($board), 'C1'),
        );
    }

    public function testTheWordSchoolSaysWords(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), Starts::channel('serial-radio-words', 'L1'));
        $entry = ControlMap::of($board)->on('C1')[0];
        self::assertSame(['lamp on', 'lamp off', 'lamp flip', 'lamp?'], [$entry->on, $entry->off, $entry->toggle, $entry->state]);
    }

    public function testAKindIsStatedOrFollowsFromTheAppliance(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new AddLine('Fan', TestBoards::part('vent-fan', Appliance::class)),
            new AddLine('Iron', TestBoards::part('iron', Appliance::class)),
            new AddLine('Pump', TestBoards::part('return-pump', Appliance::class)),
        );
        $kinds = static fn(Board $of): array => array_map(
            static fn(string $line): string => ShownKinds::of($of, $line)->value,
            array_keys($of->lines),
        );
        self::assertSame(['light', 'heater', 'valve', 'fan', 'heater', 'switch'], $kinds($board));
        self::assertSame('plug', $kinds((new StateShownAs(['L6'], ShownKind::Plug))->apply($board))[5]);
    }

    /** @param list<ShownKind> $known */
    #[TestWith([ShownKind::Fan, [ShownKind::Switch, ShownKind::DimmableLight], ShownKind::DimmableLight])]
    #[TestWith([ShownKind::Fan, [ShownKind::Switch], ShownKind::Switch])]
    #[TestWith([ShownKind::Light, [ShownKind::Light, ShownKind::Switch], ShownKind::Light])]
    #[TestWith([ShownKind::Heater, [ShownKind::Light], null])]
    #[TestWith([ShownKind::Valve, [], ShownKind::Valve])]
    public function testTheNearestKindStandsIn(ShownKind $kind, array $known, ?ShownKind $shown): void
    {
        self::assertSame($shown, ShownKinds::at(Starts::knowing('phone-panel', ...$known), $kind));
    }

    public function testARoomIsStatedOrThatOfTheGroup(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), new AddLineGroup(LineGroupKind::Room, 'Hall', ['L1', 'L2'], [], false));
        self::assertSame('Hall', ShownKinds::room($board, 'L1'));
        self::assertSame('Attic', ShownKinds::room((new StateShownAs(['L1'], room: 'Attic'))->apply($board), 'L1'));
        self::assertSame('', ShownKinds::room(TestBoards::sound(), 'L1'));
    }

    public function testAGroupIsARuleToo(): void
    {
        $board = TestBoards::edited(
            Starts::chain(),
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], ['C1', 'C2', 'C3'], false),
        );
        $rules = ServiceRule::on(ControlMap::of($board), 'C2');
        self::assertSame(
            ['K1', 'Night off', 'Voice: “turn off Night”', 'Broker: publish “OFF” to bare/night/set'],
            [$rules[2]->of, $rules[2]->name, $rules[2]->when, $rules[2]->does],
        );
        self::assertCount(3, $rules, 'It only switches off.');
    }

    public function testAFlipIsOneRuleWhereAllCanFlip(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddChannel(Starts::profile('web-request'), 'Requests'),
            new AddChannel(Starts::profile('house-rules'), 'Rules'),
            new HandOn('C2', 'C1'),
            new PutOnChannel('C1', ['L1']),
            new PutOnChannel('C2', ['L1']),
            new TellSurface('S4', Operation::Toggle),
        );
        $rules = ServiceRule::on(ControlMap::of($board), 'C2');
        self::assertSame(
            [['Lamp flip', '“Lamp flip” is asked for', 'Requests: POST http://«REQUESTS_BOARD_ADDRESS»/lamp/toggle']],
            array_map(static fn(ServiceRule $rule): array => [$rule->name, $rule->when, $rule->does], $rules),
        );
        self::assertSame(
            [
                'NETWORK_NAME',
                'NETWORK_PASSWORD',
                'REQUESTS_BOARD_ADDRESS',
                'REQUESTS_TOKEN',
                'RULES_USER',
                'RULES_PASSWORD',
                'PAIRING_SECRET',
            ],
            Secrets::names($board),
        );
        $requests = array_values(array_filter(
            MessageList::of($board, ControlMap::of($board)),
            static fn(MessageRow $row): bool => 'request' === $row->kind,
        ));
        self::assertSame(
            ['POST http://«REQUESTS_BOARD_ADDRESS»/lamp/on', 'Authorization: Bearer «REQUESTS_TOKEN»', null, 'to the board'],
            [$requests[0]->address, $requests[0]->example, $requests[0]->retained, $requests[0]->direction()],
        );
    }

    public function testWhatIsGoneWithWhat(): void
    {
        $gone = [];
        foreach (Need::cases() as $lost) {
            foreach (Need::cases() as $need) {
                if ($need->isGoneWith($lost)) {
                    $gone[$lost->name][] = $need->name;
                }
            }
        }
        self::assertSame([
            'Radio' => ['Radio', 'Internet', 'Service', 'Account'],
            'Internet' => ['Internet', 'Service', 'Account'],
            'Service' => ['Service'],
            'Account' => ['Account'],
            'Machine' => ['Machine'],
            'Link' => ['Link'],
            'Repeater' => ['Repeater'],
        ], $gone);
    }

    public function testServicesCostTwelveTimesAMonth(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddChannel(Starts::profile('numbered-service'), 'Pocket'),
            new AddChannel(Starts::profile('outside-broker'), 'Far'),
        );
        self::assertNull(ServiceCosts::yearly($board));
        $priced = TestBoards::edited($board, new StateTier('C1', eurosPerMonth: 0.0), new StateTier('C2', eurosPerMonth: 2.5));
        self::assertEqualsWithDelta(30.0, ServiceCosts::yearly($priced)?->value, 1e-9);
        self::assertSame(['Pocket 0.00 € a month', 'Far 2.50 € a month'], ServiceCosts::yearly($priced)?->inputs);
    }

    /** Somebody in the room may have switched it on: its state says so, though nobody can ask for it from afar. */
    public function testWhatMayOnlyBeSwitchedOffTellsThatItIsOn(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), Starts::channel('message-broker', 'L2'), new TellSurface('S3', Operation::Off));
        $said = array_map(
            static fn(MessageRow $row): string => $row->kind . ' ' . $row->example,
            array_slice(MessageList::of($board, ControlMap::of($board)), 0, 3),
        );
        self::assertSame(['command OFF', 'state ON', 'state OFF'], $said);
    }

    /** What each line is given there is a placeholder of its own, on paper and in the secrets of a copy. */
    public function testADeviceOfAServiceHasAnIdentifier(): void
    {
        $board = TestBoards::edited(TestBoards::sound(), Starts::channel('device-service', 'L1'));
        $sheet = SetUpSheet::all(new Inspection($board))['C1'];
        self::assertSame('«FAR_LAMP_DEVICE_ID»', $sheet->rows[0][(int) array_search('Fill in', $sheet->header, true)]);
        self::assertSame(
            ['NETWORK_NAME', 'NETWORK_PASSWORD', 'FAR_TOKEN', 'FAR_APP_KEY', 'FAR_APP_SECRET', 'FAR_LAMP_DEVICE_ID', 'PAIRING_SECRET'],
            Secrets::names($board),
        );
        $this->expectExceptionMessage('“id; }” cannot name what a copy fills in. Write it in capitals, such as DEVICE_ID.');
        Copy::of(Starts::profile('device-service'), ['lineSecrets' => ['id; }']]);
    }

    /** A moment of the supply: only those of a scene that it puts on. */
    public function testASceneStartsThoseThatItPutsOn(): void
    {
        $board = TestBoards::edited(
            TestBoards::sound(),
            new AddLineGroup(LineGroupKind::Scene, 'Evening', ['L1', 'L2']),
            new AddLineGroup(LineGroupKind::Chosen, 'Night', ['L1', 'L2'], [], false),
        );
        self::assertArrayNotHasKey('K1', Scenario::all($board), 'It puts none on yet.');
        $lit = (new SetScene('K1', ['L1']))->apply($board);
        self::assertSame(['L1'], Scenario::all($lit)['K1']->lines);
        self::assertArrayNotHasKey('K2', Scenario::all($lit));
    }
}
