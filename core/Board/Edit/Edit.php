<?php

declare(strict_types=1);

namespace IronLatch\Core\Board\Edit;

use IronLatch\Core\Board\Board;
use IronLatch\Core\Record\OneOf;

/**
 * One change to a board. Screens, remedies, imports and the command line all make these and nothing else.
 *
 * An edit carries everything it needs, the facts of parts included, and is kept with the revision that it made.
 */
#[OneOf('edit', [
    'accept-finding' => AcceptFinding::class,
    'add-carrier-rail' => AddCarrierRail::class,
    'add-channel' => AddChannel::class,
    'add-converted-rail' => AddConvertedRail::class,
    'add-function' => AddFunction::class,
    'add-group' => AddGroup::class,
    'add-line' => AddLine::class,
    'add-line-group' => AddLineGroup::class,
    'add-rail' => AddRail::class,
    'add-relay' => AddRelay::class,
    'add-scenario' => AddScenario::class,
    'add-second-winding' => AddSecondWinding::class,
    'add-selector' => AddSelector::class,
    'add-step' => AddStep::class,
    'add-surface' => AddSurface::class,
    'assign-code' => AssignCode::class,
    'attach-device' => AttachDevice::class,
    'change-channel' => ChangeChannel::class,
    'change-function-kind' => ChangeFunctionKind::class,
    'change-line-group' => ChangeLineGroup::class,
    'choose-appliance' => ChooseAppliance::class,
    'choose-contact' => ChooseContact::class,
    'choose-controller' => ChooseController::class,
    'choose-driver' => ChooseDriver::class,
    'choose-entry' => ChooseEntry::class,
    'choose-fuse' => ChooseFuse::class,
    'choose-mains' => ChooseMains::class,
    'choose-relay' => ChooseRelay::class,
    'choose-supply' => ChooseSupply::class,
    'confirm-print' => ConfirmPrint::class,
    'confirm-reading' => ConfirmReading::class,
    'convert-rail' => ConvertRail::class,
    'declare-sharing' => DeclareSharing::class,
    'drive-by-module' => DriveByModule::class,
    'drive-by-transistor' => DriveByTransistor::class,
    'drive-directly' => DriveDirectly::class,
    'duplicate-line' => DuplicateLine::class,
    'feed-appliance' => FeedAppliance::class,
    'feed-coils' => FeedCoils::class,
    'feed-controller' => FeedController::class,
    'feed-device' => FeedDevice::class,
    'feed-rail-from-carrier' => FeedRailFromCarrier::class,
    'fit-expander' => FitExpander::class,
    'fit-heat-sink' => FitHeatSink::class,
    'fit-pull' => FitPull::class,
    'fit-step-capacitor' => FitStepCapacitor::class,
    'freeze-pins' => FreezePins::class,
    'hold-coils' => HoldCoils::class,
    'interlock-group' => InterlockGroup::class,
    'lock-seat' => LockSeat::class,
    'protect-rail' => ProtectRail::class,
    'put-on-channel' => PutOnChannel::class,
    'remove-channel' => RemoveChannel::class,
    'remove-device' => RemoveDevice::class,
    'remove-expander' => RemoveExpander::class,
    'remove-function' => RemoveFunction::class,
    'remove-group' => RemoveGroup::class,
    'remove-line' => RemoveLine::class,
    'remove-line-group' => RemoveLineGroup::class,
    'remove-pull' => RemovePull::class,
    'remove-rail' => RemoveRail::class,
    'remove-relay' => RemoveRelay::class,
    'remove-scenario' => RemoveScenario::class,
    'remove-step' => RemoveStep::class,
    'remove-surface' => RemoveSurface::class,
    'rename-board' => RenameBoard::class,
    'rename-function' => RenameFunction::class,
    'rename-line' => RenameLine::class,
    'rename-rail' => RenameRail::class,
    'run-cable' => RunCable::class,
    'seat-function' => SeatFunction::class,
    'seat-functions' => SeatFunctions::class,
    'sequence' => Sequence::class,
    'set-base-emitter-resistor' => SetBaseEmitterResistor::class,
    'set-base-resistor' => SetBaseResistor::class,
    'set-default-relay' => SetDefaultRelay::class,
    'set-driver-value' => SetDriverValue::class,
    'set-expander' => SetExpander::class,
    'set-house-rules' => SetHouseRules::class,
    'set-i2c-bus' => SetI2cBus::class,
    'set-thresholds' => SetThresholds::class,
    'state-active-level' => StateActiveLevel::class,
    'state-ambient' => StateAmbient::class,
    'state-box' => StateBox::class,
    'state-cable' => StateCable::class,
    'state-capacitors' => StateCapacitors::class,
    'state-clamp' => StateClamp::class,
    'state-conductor' => StateConductor::class,
    'state-firmware' => StateFirmware::class,
    'state-ground' => StateGround::class,
    'state-high-level' => StateHighLevel::class,
    'state-hours' => StateHours::class,
    'state-load' => StateLoad::class,
    'state-on-purpose' => StateOnPurpose::class,
    'state-output-order' => StateOutputOrder::class,
    'state-radio' => StateRadio::class,
    'state-reservoir' => StateReservoir::class,
    'state-safety' => StateSafety::class,
    'state-socket' => StateSocket::class,
    'state-stagger' => StateStagger::class,
    'state-step-bank' => StateStepBank::class,
    'state-track' => StateTrack::class,
    'state-usb-together' => StateUsbTogether::class,
    'swap-seats' => SwapSeats::class,
    'switch-directly' => SwitchDirectly::class,
    'tell-surface' => TellSurface::class,
    'thaw-pins' => ThawPins::class,
    'tolerate-console' => TolerateConsole::class,
    'unprotect-rail' => UnprotectRail::class,
    'unseat-function' => UnseatFunction::class,
    'use-ladder' => UseLadder::class,
    'withdraw-acceptance' => WithdrawAcceptance::class,
])]
interface Edit
{
    /**
     * @throws EditRefused when the edit cannot be made on this board, with what to do instead
     * @throws \InvalidArgumentException when a value lies outside its range
     */
    public function apply(Board $board): Board;

    /** One line for the list of revisions, read against the board before the edit. */
    public function summary(Board $board): string;
}
