<?php

declare(strict_types=1);

namespace IronLatch\Core\Review;

/** All checks there are, and the names of those that are still missing from it. */
final class RuleBook
{
    /** Rises whenever a rule is added or judges otherwise. */
    public const VERSION = '13';

    /**
     * @return list<Rule>
     */
    public static function rules(): array
    {
        /** @var ?list<Rule> $rules */
        static $rules = null;

        return $rules ??= [
            new Lines\LineWithoutRelay(),
            new Lines\PartFactsDiffer(),
            new Pins\DoesNotFit(),
            new Pins\FunctionWithoutPin(),
            new Pins\SharedPin(),
            new Pins\FlashPin(),
            new Pins\ConsolePin(),
            new Pins\StrapAtReset(),
            new Pins\SwitchHoldsStrap(),
            new Pins\ButtonOnStrap(),
            new Pins\DebounceOnStrap(),
            new Pins\BootTwitch(),
            new Pins\OutputOnInputOnly(),
            new Pins\PullUpMissing(),
            new Pins\OneWirePullUp(),
            new Pins\BareModule(),
            new Pins\InnerMemory(),
            new Pins\InputCannotRead(),
            new Pins\NoInterrupt(),
            new Pins\EdgeGlitch(),
            new Pins\BusPin(),
            new Pins\LabelMisread(),
            new Pins\FrozenMoved(),
            new Pins\CurrentSum(),
            new Pins\DriveStrength(),
            new Pins\LongCable(),
            new Pins\WettingCurrent(),
            new Pins\ExpanderSources(),
            new Pins\ExpanderAtPowerUp(),
            new Pins\ExpanderBusLevel(),
            new Pins\ExpanderAddress(),
            new Pins\BusPullUp(),
            new Pins\LooseEnd(),
            new Drive\CoilOnPin(),
            new Drive\CoilVoltage(),
            new Drive\DoesNotPullIn(),
            new Drive\PinOverloaded(),
            new Drive\ModuleInputAmbiguous(),
            new Drive\ActiveLevel(),
            new Drive\HotRestart(),
            new Drive\GateNotSpecified(),
            new Drive\GateOvervoltage(),
            new Drive\NoClamp(),
            new Drive\PackageTooHot(),
            new Drive\PackageChannel(),
            new Drive\SwitchRating(),
            new Drive\BistableDriven(),
            new Drive\SolidStateMismatch(),
            new Drive\SolidStateHeat(),
            new Drive\IsolationClaimed(),
            new Drive\LevelIntoPin(),
            new Power\ControllerVoltage(),
            new Power\WireTooThin(),
            new Power\TwoOnAPin(),
            new Power\SupplyOverloaded(),
            new Power\CarrierOverloaded(),
            new Power\RegulatorInput(),
            new Power\RegulatorTooHot(),
            new Power\CapacitorMissing(),
            new Power\CapacitanceTooLarge(),
            new Power\RailDips(),
            new Power\GroundNotJoined(),
            new Power\UsbBackFeed(),
            new Power\SocketPolarity(),
            new Power\ProtectionRating(),
            new Power\BatterySoonEmpty(),
            new Power\SwitchesItselfOff(),
            new Power\DeviceVoltage(),
            new Power\DeviceOnPin(),
            new Power\HoldCurrent(),
            new Power\WarmBox(),
            new Mains\ContactOverloaded(),
            new Mains\TwoInAClamp(),
            new Mains\OneBundle(),
            new Mains\InletFuse(),
            new Mains\FuseTooLarge(),
            new Mains\FuseBreaking(),
            new Mains\FuseTooSmall(),
            new Mains\FuseTooFast(),
            new Mains\SharedOverloaded(),
            new Mains\EarthMissing(),
            new Mains\BothPoles(),
            new Mains\LoadDiodeMissing(),
            new Mains\VaristorAcross(),
            new Mains\ComesBackHeating(),
            new Mains\LeftOff(),
            new Mains\AbsentHand(),
            new Mains\NotSealed(),
            new Mains\BridgeInsulation(),
            new Mains\TreatedAsLive(),
            new Mains\OutletLink(),
            new Mains\OutletOverloaded(),
            new Mains\BarrierTooNarrow(),
            new Mains\RelayInsulation(),
            new Mains\BesideLowVoltage(),
            new Mains\SwitchNotFreed(),
            new Mains\TwoCircuits(),
            new Mains\CutOutMissing(),
            new Mains\RestoredOn(),
            new Mains\SwitchedOnInGroup(),
            new Mains\StartsByItself(),
            new Mains\SensorLost(),
            new Mains\NotInterlocked(),
            new Mains\PauseTooShort(),
            new Mains\TakenAsIsolation(),
            new Mains\CompressorRest(),
            new Mains\UnfitBase(),
            new Mains\SnubberGlow(),
            new Mains\StepCapacitorClass(),
            new Mains\StepOvervolts(),
            new Mains\StepBleeder(),
            new Mains\StepSeries(),
            new Mains\ContactWetting(),
            new Mains\OneBreakingDevice(),
            new Mains\StateSenseWeak(),
            new Mains\OneDirection(),
            new Mains\RunsIntoItsEnd(),
            new Mains\MotorsParalleled(),
            new Mains\SnubberAcrossDirection(),
            new Mains\IdleWinding(),
            new Mains\LiveReturned(),
            new Mains\TwoWayContact(),
            new Mains\TwoWayUnheard(),
            new Mains\SenseResistor(),
            new Mains\GuardNotIndependent(),
            new Mains\NoNeutral(),
            new Mains\NeutralNotOwn(),
            new Mains\DimmerBefore(),
            new Mains\SmartLampCut(),
            new Mains\SeveralCircuits(),
            new Mains\BreakerTooLarge(),
            new Mains\CircuitOverloaded(),
            new Mains\ResidualMissing(),
            new Mains\TooFewCores(),
            new Mains\LowVoltageWithMains(),
            new Mains\NeutralSwitched(),
            new Mains\SelfStartOnDead(),
            new Controls\OtherWay(),
            new Controls\NameClash(),
            new Controls\SoundsAlike(),
            new Controls\CodeShared(),
            new Controls\CodeFault(),
            new Controls\AddressShared(),
            new Controls\IllegalName(),
            new Controls\NumberIsPrint(),
            new Controls\Unreached(),
            new Controls\NoWayIn(),
            new Controls\OverCapacity(),
            new Controls\SensorHunts(),
            new Controls\TimerClock(),
            new Controls\FeedbackOneWay(),
            new Controls\ToggleLossy(),
            new Controls\ReconnectBlocks(),
            new Controls\PercentToStep(),
            new Controls\SwitchByPosition(),
            new Controls\NotStaggered(),
            new Board\NoPlaceYet(),
            new Board\DoesNotFitBox(),
            new Board\ZonesMixed(),
            new Board\BoxTooFull(),
            new Board\PadsLeft(),
            new Board\HeaderRows(),
            new Board\AntennaCovered(),
            new Board\ShutIn(),
            new Board\WarmCapacitor(),
            new Board\NotFixed(),
            new Board\JumperOverloaded(),
            new Board\RatingTooLow(),
            new Board\NoProgrammingAccess(),
            new Board\BothSides(),
            new Board\MissingStock(),
            new Board\OverCeiling(),
        ];
    }

    /**
     * Checks that belong to a stage and are not in the book yet: while there are any, the stage’s latch cannot be shut.
     *
     * @return array<string, list<string>> by stage
     */
    public static function missingChecks(): array
    {
        return [];
    }

    /**
     * What no rule looks at, whatever a board states: it stands under every list of findings, an empty one above all.
     *
     * @return list<string>
     */
    public static function neverLooksAt(): array
    {
        return [
            'the installation in the wall beyond what is said of its places: its age, hidden joints, what somebody did long ago',
            'whether the parts in hand are what their print says',
            'workmanship: solder, crimps, torque, strain relief, what a hand has swapped',
            'the program as it was written, beyond the constants that are compared',
            'how things age, and what children, animals and water do',
            'electromagnetic compatibility, radio approval and the law where you live',
        ];
    }
}
