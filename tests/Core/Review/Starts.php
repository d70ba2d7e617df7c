<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Review;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Board\BreakerCurve;
use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\CapacitorClass;
use IronLatch\Core\Board\Edit\Build\ChooseAssembler;
use IronLatch\Core\Board\Edit\Build\ChooseEnclosure;
use IronLatch\Core\Board\Edit\Build\PlacePart;
use IronLatch\Core\Board\Edit\Build\PlaceParts;
use IronLatch\Core\Board\Edit\Build\StateBuild;
use IronLatch\Core\Board\Edit\Controller\StateBareModule;
use IronLatch\Core\Board\Edit\Controls\AddChannel;
use IronLatch\Core\Board\Edit\Controls\AddSurface;
use IronLatch\Core\Board\Edit\Controls\ChangeChannel;
use IronLatch\Core\Board\Edit\Controls\HandOn;
use IronLatch\Core\Board\Edit\Controls\PutOnChannel;
use IronLatch\Core\Board\Edit\Drivers\ChooseDriver;
use IronLatch\Core\Board\Edit\Edit;
use IronLatch\Core\Board\Edit\Functions\AddFunction;
use IronLatch\Core\Board\Edit\Functions\AddGroup;
use IronLatch\Core\Board\Edit\Functions\AttachDevice;
use IronLatch\Core\Board\Edit\Functions\FitPull;
use IronLatch\Core\Board\Edit\Functions\StateBarrier;
use IronLatch\Core\Board\Edit\Functions\StateCable;
use IronLatch\Core\Board\Edit\Functions\StateSensorRule;
use IronLatch\Core\Board\Edit\House\AddPlace;
use IronLatch\Core\Board\Edit\House\RunHouseCable;
use IronLatch\Core\Board\Edit\House\StandAt;
use IronLatch\Core\Board\Edit\House\StateHouseCable;
use IronLatch\Core\Board\Edit\House\StatePlace;
use IronLatch\Core\Board\Edit\Lines\AddLine;
use IronLatch\Core\Board\Edit\Lines\ChooseAppliance;
use IronLatch\Core\Board\Edit\Lines\MakeTwoWay;
use IronLatch\Core\Board\Edit\Lines\SenseState;
use IronLatch\Core\Board\Edit\Lines\StateLoad;
use IronLatch\Core\Board\Edit\Lines\StateSafety;
use IronLatch\Core\Board\Edit\Mains\ChooseFuse;
use IronLatch\Core\Board\Edit\Mains\StateBox;
use IronLatch\Core\Board\Edit\Mains\StateConductor;
use IronLatch\Core\Board\Edit\Pins\SeatFunction;
use IronLatch\Core\Board\Edit\Power\AddRail;
use IronLatch\Core\Board\Edit\Power\FeedAppliance;
use IronLatch\Core\Board\Edit\Relays\AddDirection;
use IronLatch\Core\Board\Edit\Relays\AddRelay;
use IronLatch\Core\Board\Edit\Relays\ChooseRelay;
use IronLatch\Core\Board\Edit\Relays\FitStepCapacitor;
use IronLatch\Core\Board\Edit\Relays\InterlockGroup;
use IronLatch\Core\Board\Edit\Relays\StateReversal;
use IronLatch\Core\Board\Edit\Relays\StateStepBank;
use IronLatch\Core\Board\Edit\Relays\SwitchDirectly;
use IronLatch\Core\Board\Edit\Sequence;
use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Board\GroupKind;
use IronLatch\Core\Board\InletKind;
use IronLatch\Core\Board\LostSensor;
use IronLatch\Core\Board\MosfetLowSide;
use IronLatch\Core\Board\NeutralHere;
use IronLatch\Core\Board\OutletKind;
use IronLatch\Core\Board\PlacedAt;
use IronLatch\Core\Board\ResidualDevice;
use IronLatch\Core\Board\RestorePolicy;
use IronLatch\Core\Board\Sensed;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\SwitchedConductor;
use IronLatch\Core\Build\Fit\Placer;
use IronLatch\Core\Catalogue\Appliance;
use IronLatch\Core\Catalogue\Assembler;
use IronLatch\Core\Catalogue\Device;
use IronLatch\Core\Catalogue\Enclosure;
use IronLatch\Core\Catalogue\Insulation;
use IronLatch\Core\Catalogue\MainsFuse;
use IronLatch\Core\Catalogue\Mosfet;
use IronLatch\Core\Catalogue\OptoCoupler;
use IronLatch\Core\Catalogue\PullDirection;
use IronLatch\Core\Catalogue\Relay;
use IronLatch\Core\Catalogue\ShownKind;
use IronLatch\Core\Catalogue\Supply;
use IronLatch\Core\Catalogue\SurfaceProfile;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Review\Inspection;
use IronLatch\Tests\Support\TestBoards;

/** Boards and edits that the planted faults of several rules start from. */
final class Starts
{
    /** A channel from afar with lines on it, in a program that does not stand still while it reconnects. */
    public static function channel(string $profile, string ...$lines): Edit
    {
        return Planted::both(
            new AddChannel(TestBoards::part($profile, SurfaceProfile::class), 'Far'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new PutOnChannel('C1', [] === $lines ? ['L1', 'L2'] : array_values($lines)),
        );
    }

    public static function profile(string $id): SurfaceProfile
    {
        return TestBoards::part($id, SurfaceProfile::class);
    }

    /** A profile that knows these kinds of device and no others. */
    public static function knowing(string $id, ShownKind ...$kinds): SurfaceProfile
    {
        return Copy::of(self::profile($id), ['kinds' => array_values($kinds), 'reachesBoard' => true]);
    }

    /** The lamp by a voice (C3), rules (C2) and a broker (C1) that the board hears; S3 to S5 on them. */
    public static function chain(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new AddChannel(self::profile('message-broker'), 'Broker'),
            new AddChannel(self::profile('house-rules'), 'Rules'),
            new AddChannel(self::profile('spoken-assistant'), 'Voice'),
            new ChangeChannel('C1', blockSeconds: 0.0),
            new HandOn('C2', 'C1'),
            new HandOn('C3', 'C2'),
            new PutOnChannel('C3', ['L1']),
            new PutOnChannel('C2', ['L1']),
            new PutOnChannel('C1', ['L1']),
        );
    }

    /** The sound board on fixed wiring, in a house of which everything is known and nothing is wrong. */
    public static function house(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new StateBox(inlet: InletKind::Fixed),
            new StatePlace(
                ['H1'],
                neutral: NeutralHere::Own,
                dimmer: false,
                breakerAmps: 16.0,
                curve: BreakerCurve::B,
                residual: ResidualDevice::ThirtyMilliamperes,
                squareMetres: 2.5e-6,
            ),
        );
    }

    /** A blind in place of the lamp, both ways, interlocked and stopped. */
    public static function blind(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('blind-motor', Appliance::class)),
            new StateSafety(['L1'], restore: RestorePolicy::Off, earthJoined: true),
            new AddDirection('L1'),
            new SeatFunction('F6', '21'),
            new InterlockGroup('G1', true, 1.0),
            new StateReversal('G1', 90.0, true, 1),
        );
    }

    /** A place in the hall for the switch of the lamp, with a cable to the board. */
    public static function hall(?int $mains = 0, ?int $low = 2, ?int $free = 0): Board
    {
        return TestBoards::edited(
            self::house(),
            new AddPlace('Hall'),
            new StatePlace(['H2'], circuits: 1),
            new StandAt('H2', ['F3']),
            new RunHouseCable('H2', 'H1'),
            new StateHouseCable(['J1'], mains: $mains, earth: 1, low: $low, free: $free, insulationVolts: 300.0),
        );
    }

    /** A fan of two steps, one through a capacitor. */
    public static function fan(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new ChooseAppliance('L1', TestBoards::part('extractor-fan', Appliance::class)),
            new AddRelay('L1'),
            new SeatFunction('F6', '21'),
            new AddGroup(GroupKind::StepRelays, 'Fan', ['F1', 'F6']),
            new InterlockGroup('G1', true),
            new FitStepCapacitor('G1', 'F1', 1.5e-6),
        );
    }

    /** What its capacitors are. */
    public static function bank(CapacitorClass $class, float $bleeder, float $series): Edit
    {
        return new StateStepBank('G1', $class, $bleeder, $series);
    }

    /** A display on a rail or a pin. */
    public static function device(string $id, ?string $rail = null, ?string $pin = null): Edit
    {
        return new AttachDevice(
            TestBoards::part($id, Device::class),
            'Display',
            $rail,
            $pin,
        );
    }

    /** Two lines with an infrared key each. */
    public static function remote(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new AddSurface('L1', SurfaceKind::InfraredKey),
            new AddSurface('L2', SurfaceKind::InfraredKey),
        );
    }

    /** A MOSFET as the driver of the first relay. */
    public static function mosfet(string $id): Edit
    {
        $part = TestBoards::part($id, Mosfet::class);

        return new ChooseDriver(['A1'], new MosfetLowSide($id, 100.0, 10e3), [$part]);
    }

    /** The first line by a temperature. */
    public static function warm(float $on, float $off, ?LostSensor $lost = LostSensor::Off, float $least = 0.0): Edit
    {
        return Planted::both(
            self::sensor(),
            new StateSensorRule('S3', Sensed::Temperature, $on, $off, leastOnSeconds: $least, whenLost: $lost),
        );
    }

    /** A sensor of air that the first line can go by. */
    public static function sensor(): Edit
    {
        return Planted::both(
            new AddFunction(FunctionKind::OneWireSensor, 'Air'),
            new SeatFunction('F6', '27'),
            new FitPull('F6', PullDirection::Up, 4.7e3),
            new StateCable(['F6'], 1.0),
            new AddSurface('L1', SurfaceKind::SensorRule, 'F6'),
        );
    }

    /** A solid-state relay with an appliance. */
    public static function solid(string $line, string $relay, string $appliance, ?float $watts = null): Edit
    {
        return new Sequence('solid', [
            new ChooseRelay(['A' . $line], TestBoards::part($relay, Relay::class)),
            new ChooseAppliance('L' . $line, TestBoards::part($appliance, Appliance::class)),
            ...null === $watts ? [] : [new StateLoad('L' . $line, $watts)],
        ]);
    }

    /** An appliance of 2.9 kW behind an outlet. */
    public static function outlet(float $amps): Edit
    {
        return Planted::both(
            new StateLoad('L2', 2900.0),
            new StateSafety(['L2'], outlet: OutletKind::Earthed, outletAmps: $amps),
        );
    }

    /** A MOSFET with a pull-down of choice. */
    public static function gate(string $relay, ?float $pullDown): Edit
    {
        return new ChooseDriver(
            [$relay],
            new MosfetLowSide('mosfet-2v5', 100.0, $pullDown),
            [TestBoards::part('mosfet-2v5', Mosfet::class)],
        );
    }

    /** An 8-bit controller with a receiver and a bus. */
    public static function avr(): Board
    {
        return TestBoards::edited(
            TestBoards::bare('atmega328p-carrier-30', 'atmega328p'),
            new AddFunction(FunctionKind::InfraredReceiver, 'Receiver'),
            new AddGroup(GroupKind::I2c, 'Bus'),
        );
    }

    /** A controller that may have memory inside its module. */
    public static function s3(): Board
    {
        return TestBoards::edited(
            TestBoards::bare('esp32-s3-carrier-44', 'esp32-s3'),
            new AddFunction(FunctionKind::MaintainedSwitch, 'Switch'),
        );
    }

    /** A valve that a driver switches without a relay. */
    public static function valveOnItsOwnDriver(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new ChooseAppliance('L1', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L1', 'R2'),
            new SwitchDirectly(['A1']),
        );
    }

    /** A valve as a third line, on low voltage. */
    public static function valveLine(): Board
    {
        return TestBoards::edited(
            TestBoards::sound(),
            new AddRail('12 V', TestBoards::part('module-12v-10w', Supply::class)),
            new AddLine('Valve', TestBoards::part('shut-off-valve', Appliance::class)),
            new FeedAppliance('L3', 'R2'),
            new SeatFunction('F6', '21'),
        );
    }

    /** The first line as one end of a two-way circuit whose state the board hears. */
    public static function heardTwoWay(): Edit
    {
        return Planted::both(
            new MakeTwoWay('L1'),
            new SenseState('L1', TestBoards::part('pc817', OptoCoupler::class)),
            new SeatFunction('F6', '27'),
            new StateBarrier('F6', Insulation::Reinforced),
        );
    }

    /** A relay that is driven both ways. */
    public static function bistable(string $id, string $relay): Edit
    {
        return new ChooseRelay([$id], TestBoards::part($relay, Relay::class));
    }

    /** The sound board built in one of the four ways, in a box, with every part in its place. */
    public static function built(
        BuildForm $form,
        string $enclosure = 'sealed-240-190-90',
        ?Board $board = null,
    ): Board {
        $board = TestBoards::edited(
            $board ?? TestBoards::sound(),
            new StateBuild($form, fixed: true, padsRemoved: true, rowsMeasured: true, bothSides: false),
            new ChooseEnclosure(TestBoards::part($enclosure, Enclosure::class)),
        );
        $layout = (new Inspection($board))->layout() ?? throw new \LogicException('It is not known how it is built.');
        $places = (new Placer($layout))->places() ?? throw new \LogicException('The parts do not fit.');

        return (new PlaceParts($places))->apply($board);
    }

    /** The same on the bare module, to be assembled. */
    public static function assembled(string $terms = 'assembler-one-side'): Board
    {
        $board = TestBoards::edited(
            TestBoards::bare('esp32-module', 'esp32'),
            new AddLine('Lamp', TestBoards::part('led-lamp', Appliance::class)),
            new StateConductor(['L1'], SwitchedConductor::Live),
            new SeatFunction('F1', 'GPIO23'),
            new StateBareModule(resetPulled: true, programmingAccess: true),
            ...TestBoards::mainsFacts(),
        );

        return self::built(
            BuildForm::Assembled,
            board: (new ChooseAssembler(TestBoards::part($terms, Assembler::class)))->apply($board),
        );
    }

    /** Lays one part down somewhere else, in millimetres. */
    public static function moved(string $device, float $x, float $y, int $quarters = 0): Edit
    {
        return new PlacePart($device, new PlacedAt($x / 1000, $y / 1000, $quarters));
    }

    /** The fuse behind the inlet. */
    public static function fuse(string $id): Edit
    {
        return new ChooseFuse(TestBoards::part($id, MainsFuse::class));
    }
}
