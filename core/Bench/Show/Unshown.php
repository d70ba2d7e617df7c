<?php

declare(strict_types=1);

namespace IronLatch\Core\Bench\Show;

/** Why a finding of a rule has nothing to see on the bench. */
enum Unshown: string
{
    case Heat = 'What comes of it is heat, wear or a spoilt part, in minutes or years: no event that the bench tells.';
    case Touch = 'It hurts whoever touches it, or after a fault that is not there yet; until then everything works.';
    case Wiring = 'It is about wires, cables, clamps and boxes: the bench takes them for made as they are drawn.';
    case Facility = 'Without it the board cannot be built, fed, programmed or reached at all: there is nothing to run.';
    case Refuses = 'The program keeps from doing it by itself; what is missing is a fitting beside the board.';
    case Chance = 'It shows on some copies, cables or days and not on others: the bench has no figure for how often.';
    case Words = 'It is about names, prices, places and papers: it confuses people and services, not the board.';
    case Later = 'It would take a part of the world that the bench does not have: bus traffic, a computer, a battery.';

    /**
     * @return list<string> ids of rules, or of a whole stage with a dot at its end
     */
    public function rules(): array
    {
        return match ($this) {
            self::Heat => [
                'drive.pin-overloaded', 'drive.hot-restart', 'drive.gate-overvoltage', 'drive.no-clamp', 'drive.package-heat',
                'drive.switch-rating', 'drive.solid-state-output', 'drive.solid-state-heat', 'drive.level-into-pin', 'pins.current-sum',
                'pins.lamp-current', 'power.wire-too-thin', 'power.supply-overloaded', 'power.carrier-overloaded',
                'power.regulator-too-hot', 'power.protection-rating', 'power.warm-box', 'power.device-voltage', 'power.device-on-pin',
                'power.usb-back-feed', 'mains.contact-overloaded', 'mains.shared-overloaded', 'mains.outlet-overloaded',
                'mains.fuse-too-small', 'mains.fuse-fast', 'mains.no-load-diode', 'mains.varistor-across', 'mains.step-class',
                'mains.step-overvolts', 'mains.step-series', 'mains.contact-wetting', 'mains.pause-too-short', 'mains.one-direction',
                'mains.motors-paralleled', 'mains.snubber-across-direction', 'mains.idle-winding', 'mains.sense-resistor',
                'mains.circuit-overloaded', 'mains.smart-lamp-cut', 'mains.dimmer-before', 'controls.not-staggered',
            ],
            self::Touch => [
                'drive.isolation-claimed', 'mains.no-fuse', 'mains.fuse-too-large', 'mains.fuse-breaking', 'mains.no-earth',
                'mains.bridge-insulation', 'mains.treated-as-live', 'mains.barrier', 'mains.relay-insulation', 'mains.not-sealed',
                'mains.switch-not-freed', 'mains.taken-as-isolation', 'mains.snubber-glow', 'mains.step-bleeder', 'mains.no-cut-out',
                'mains.one-breaking-device', 'mains.guard-not-independent', 'mains.breaker-too-large', 'mains.no-residual-device',
                'mains.several-circuits', 'mains.two-circuits',
            ],
            self::Wiring => [
                'power.two-on-a-pin', 'power.socket-polarity', 'power.ground-not-joined', 'mains.two-in-a-clamp', 'mains.one-bundle',
                'mains.outlet-link', 'mains.beside-low-voltage', 'mains.unfit-base', 'mains.live-returned', 'mains.two-way-contact',
                'mains.no-neutral', 'mains.neutral-not-own', 'mains.too-few-cores', 'mains.low-voltage-with-mains', 'board.',
            ],
            self::Facility => [
                'lines.no-relay', 'pins.does-not-fit', 'pins.shared-pin', 'pins.flash-pin', 'pins.bare-module', 'pins.input-cannot-read',
                'pins.no-interrupt', 'pins.bus-pin', 'pins.drive-strength', 'pins.expander-address', 'pins.loose-end',
                'drive.coil-voltage', 'drive.package-channel', 'drive.bistable', 'power.controller-voltage', 'power.regulator-input',
                'power.capacitance-too-large', 'controls.unreached', 'controls.percent-to-step', 'controls.other-way',
                'mains.two-way-unheard',
            ],
            self::Refuses => [
                'mains.comes-back-heating', 'mains.restored-on', 'mains.starts-by-itself', 'controls.group-act',
            ],
            self::Chance => [
                'pins.debounce-on-strap', 'pins.one-wire-pull-up', 'pins.edge-glitch', 'pins.long-cable', 'pins.wetting-current',
                'pins.expander-bus-level', 'pins.bus-pull-up', 'power.capacitor-missing', 'power.hold-current', 'mains.state-sense',
                'controls.versions-untried',
            ],
            self::Words => [
                'lines.part-facts', 'pins.label-misread', 'pins.frozen-moved', 'controls.kind-substituted', 'controls.announcement',
                'controls.request-open', 'controls.text-prefix', 'controls.text-habits', 'controls.tier', 'controls.region',
                'controls.name-clash', 'controls.sounds-alike', 'controls.illegal-name', 'controls.number-is-print',
            ],
            self::Later => [
                'pins.console-pin', 'power.battery-soon-empty', 'power.switches-itself-off', 'controls.timer-clock',
                'controls.switch-by-position',
            ],
        };
    }

    /** Why a rule has no demonstration; null where it has one. */
    public static function why(string $rule): ?self
    {
        foreach (self::cases() as $one) {
            if (in_array($rule, $one->rules(), true) || in_array(explode('.', $rule)[0] . '.', $one->rules(), true)) {
                return $one;
            }
        }

        return null;
    }
}
