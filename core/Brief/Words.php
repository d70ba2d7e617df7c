<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\BuildForm;
use IronLatch\Core\Board\DriverSchool;
use IronLatch\Core\Board\Home;
use IronLatch\Core\Board\PinSchool;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Catalogue\Level;
use IronLatch\Core\Catalogue\LoadKind;

/** The words that a sentence may use, each with what it stands for. The longest that fits is taken. */
final class Words
{
    public const NUMBERS = [
        'a pair of' => 2, 'a couple of' => 2, 'half a dozen' => 6, 'a dozen' => 12,
        'a' => 1, 'an' => 1, 'the' => 1, 'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7,
        'eight' => 8, 'nine' => 9, 'ten' => 10, 'eleven' => 11, 'twelve' => 12, 'thirteen' => 13, 'fourteen' => 14, 'fifteen' => 15,
        'sixteen' => 16,
    ];

    /** Singular, as it is compared; a plural is brought back to it. */
    public const APPLIANCES = [
        'aquarium heater' => 'aquarium-heater', 'aquarium light' => 'aquarium-light', 'aquarium lamp' => 'aquarium-light',
        'blind' => 'blind-motor', 'roller blind' => 'blind-motor', 'shutter' => 'blind-motor', 'awning' => 'blind-motor',
        'boiler' => 'boiler-demand', 'boiler demand' => 'boiler-demand', 'heating demand' => 'boiler-demand',
        'charger' => 'charger', 'phone charger' => 'charger', 'cooler' => 'cooler', 'fridge' => 'cooler', 'refrigerator' => 'cooler',
        'dehumidifier' => 'dehumidifier', 'dosing pump' => 'dosing-pump', 'extractor fan' => 'extractor-fan',
        'extractor' => 'extractor-fan',
        'bulb' => 'filament-lamp', 'light bulb' => 'filament-lamp', 'filament lamp' => 'filament-lamp', 'frost heater' => 'frost-heater',
        'gate' => 'gate-input', 'garage door' => 'gate-input', 'heat belt' => 'heat-belt', 'heated airer' => 'heated-airer',
        'airer' => 'heated-airer', 'iron' => 'iron', 'lamp' => 'led-lamp', 'light' => 'led-lamp', 'led lamp' => 'led-lamp',
        'ceiling light' => 'led-lamp', 'desk lamp' => 'led-lamp', 'light string' => 'light-string', 'fairy light' => 'light-string',
        'pond pump' => 'pond-pump', 'pump' => 'pond-pump', 'heater' => 'portable-heater', 'fan heater' => 'portable-heater',
        'portable heater' => 'portable-heater', 'radio' => 'radio-set', 'radio set' => 'radio-set', 'return pump' => 'return-pump',
        'water valve' => 'shut-off-valve', 'shut-off valve' => 'shut-off-valve', 'valve' => 'shut-off-valve', 'sump pump' => 'sump-pump',
        'fan' => 'vent-fan', 'vent fan' => 'vent-fan', 'ventilator' => 'vent-fan', 'saw' => 'workshop-saw',
        'workshop saw' => 'workshop-saw',
    ];

    public const WAYS = [
        'wall switch' => SurfaceKind::WallSwitch, 'switch' => SurfaceKind::WallSwitch, 'maintained switch' => SurfaceKind::WallSwitch,
        'push button' => SurfaceKind::PushButton, 'button' => SurfaceKind::PushButton, 'pushbutton' => SurfaceKind::PushButton,
        'remote' => SurfaceKind::InfraredKey, 'remote control' => SurfaceKind::InfraredKey, 'infrared' => SurfaceKind::InfraredKey,
        'infrared remote' => SurfaceKind::InfraredKey, 'network' => SurfaceKind::NetworkTopic, 'broker' => SurfaceKind::NetworkTopic,
        'message' => SurfaceKind::NetworkTopic, 'wifi' => SurfaceKind::NetworkTopic, 'wi-fi' => SurfaceKind::NetworkTopic,
        'voice' => SurfaceKind::SpokenName, 'spoken name' => SurfaceKind::SpokenName, 'timer' => SurfaceKind::Timer,
        'clock' => SurfaceKind::Timer, 'serial radio' => SurfaceKind::SerialRadio, 'web page' => SurfaceKind::WebRequest,
        'knob' => SurfaceKind::Knob, 'status light' => SurfaceKind::StatusLight,
    ];

    public const SENSORS = [
        'leak probe' => 'leak-detector', 'leak sensor' => 'leak-detector', 'water sensor' => 'leak-detector',
        'humidity sensor' => 'humidity-sensor', 'temperature sensor' => 'temperature-sensor', 'thermometer' => 'temperature-sensor',
        'light sensor' => 'light-sensor', 'motion sensor' => 'motion-sensor', 'movement sensor' => 'motion-sensor',
    ];

    public const HOMES = [
        'wall box' => Home::WallBox, 'flush box' => Home::WallBox, 'behind the switch' => Home::WallBox, 'switch box' => Home::WallBox,
        'rail' => Home::Rail, 'din rail' => Home::Rail, 'rail enclosure' => Home::Rail, 'consumer unit' => Home::Rail,
        'box on a lead' => Home::BoxOnALead, 'box with a plug' => Home::BoxOnALead, 'outlet box' => Home::BoxOnALead,
        'case' => Home::Case, 'box' => Home::Case, 'enclosure' => Home::Case, 'sealed case' => Home::Case,
    ];

    /** Carriers by the name of their chip. */
    public const CONTROLLERS = [
        'esp32' => ['esp32-carrier-38', 'esp32-carrier-30', 'esp32-module'], 'esp8266' => ['esp8266-carrier-30', 'esp8266-carrier-16'],
        'atmega328p' => ['atmega328p-carrier-30', 'atmega328p-carrier-32'], 'atmega' => ['atmega328p-carrier-30', 'atmega328p-carrier-32'],
        'rp2040' => ['rp2040-carrier-40', 'rp2040-carrier-40-radio'], 'esp32-s3' => ['esp32-s3-carrier-44'],
        'esp32-c3' => ['esp32-c3-carrier-16'],
    ];

    /** Says only where an appliance stands, or which of several it is. */
    public const WHERE = [
        'kitchen', 'hall', 'bedroom', 'bathroom', 'living room', 'dining room', 'utility room', 'garden', 'shed', 'garage', 'office',
        'cellar', 'attic', 'porch', 'stairs', 'stair', 'workshop', 'greenhouse', 'terrace', 'balcony', 'landing', 'left', 'right', 'front',
        'back', 'rear', 'upper', 'lower', 'first', 'second', 'third', 'small', 'big', 'large', 'main', 'old', 'new', 'worktop', 'outside',
        'inside', 'outdoor', 'indoor',
    ];

    /** What stands in no catalogue and is described by its watts. */
    public const LOADS = [
        'motor' => LoadKind::InductionMotor, 'induction motor' => LoadKind::InductionMotor, 'universal motor' => LoadKind::UniversalMotor,
        'transformer' => LoadKind::Transformer, 'power supply' => LoadKind::SwitchMode, 'resistive load' => LoadKind::Resistive,
    ];

    public const MAINS = [
        230 => 'mains-230', 240 => 'mains-230', 220 => 'mains-230', 120 => 'mains-120', 110 => 'mains-120',
        115 => 'mains-120',
        100 => 'mains-100', 12 => 'dc-12', 24 => 'dc-24',
    ];

    /**
     * What a maker insists on, in the words of each way.
     *
     * @return array<string, array{string, bool|\BackedEnum}> field of the brief and its value
     */
    public static function schools(): array
    {
        $all = [];
        foreach ([
            ['drivers', DriverSchool::Modules, ['ready modules', 'ready-made modules', 'relay modules', 'ready module', 'relay module']],
            ['drivers', DriverSchool::SingleParts, ['own drivers', 'transistors', 'discrete', 'single parts', 'own driver circuits']],
            ['pins', PinSchool::OwnPins, ['no expander', 'without an expander', 'own pins']],
            ['pins', PinSchool::Expander, ['expander', 'an expander', 'one expander', 'expanders']],
            ['oneSupply', true, ['one supply', 'a single supply', 'single supply']],
            ['oneSupply', false, ['two supplies']],
            ['drawerOnly', true, ['only from the drawer', 'from the drawer', 'only what i have', 'drawer only', 'from what i have']],
            ['activeLevel', Level::High, ['active high']],
            ['activeLevel', Level::Low, ['active low']],
            ['form', BuildForm::HandWired, ['hand-wired', 'hand wired', 'wired by hand']],
            ['form', BuildForm::Perforated, ['perforated board', 'perfboard']],
            ['form', BuildForm::CarrierBoard, ['carrier board', 'board with sockets']],
            ['form', BuildForm::Assembled, ['assembled', 'assembled board', 'bare module']],
        ] as [$field, $value, $words]) {
            foreach ($words as $one) {
                $all[$one] = [$field, $value];
            }
        }

        return $all;
    }

    /** A name in the middle of a sentence: “Relay 5 V” loses its capital, “ESP32” does not. */
    public static function inText(string $name): string
    {
        return 1 === preg_match('/^\p{Lu}\p{Ll}/u', $name) ? mb_strtolower(mb_substr($name, 0, 1)) . mb_substr($name, 1) : $name;
    }

    /** “lamps” → “lamp”, “switches” → “switch”, “batteries” → “battery”. */
    public static function singular(string $words): string
    {
        return (string) preg_replace(['/(ch|sh|x|ss)es$/', '/ies$/', '/(?<=[^su])s$/'], ['$1', 'y', ''], $words, 1);
    }
}
