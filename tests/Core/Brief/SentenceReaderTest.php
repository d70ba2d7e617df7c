<?php

declare(strict_types=1);

namespace IronLatch\Tests\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Brief\SentenceReader;
use IronLatch\Core\Brief\Words;
use IronLatch\Core\Record\Fact;
use IronLatch\Tests\Support\TestBoards;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Sentences as makers write them, and what is understood of each; what is not stands as it was written. */
final class SentenceReaderTest extends TestCase
{
    /** @return iterable<string, array{string, string, 2?: list<string>}> sentence, what it is read as, what is not understood */
    public static function sentences(): iterable
    {
        $all = [
            ['six lamps', '6 led-lamp'],
            ['6 lamps', '6 led-lamp'],
            ['6x lamps', '6 led-lamp'],
            ['6 × lamp', '6 led-lamp'],
            ['lamps x 6', '6 led-lamp'],
            ['half a dozen lights', '6 led-lamp'],
            ['a dozen bulbs', '12 filament-lamp'],
            ['a pair of blinds', '2 blind-motor'],
            ['the iron', '1 iron'],
            ['two heaters 2 kW', '2 portable-heater 2000'],
            ['two heaters of 2 kW each', '2 portable-heater 2000'],
            ['two heaters (2kW)', '2 portable-heater 2000'],
            ['a 2 kW heater', '1 portable-heater 2000'],
            ['1,5 kW fan heater', '1 portable-heater 1500'],
            ['1.5 kW fan heater', '1 portable-heater 1500'],
            ['lamp 60 watts', '1 led-lamp 60'],
            ['a pump at 45 W by a timer', '1 pond-pump 45 by timer'],
            ['extractor fan by push button', '1 extractor-fan by push button'],
            ['dehumidifiers', '1 dehumidifier'],
            ['fridge', '1 cooler'],
            ['a shut-off valve', '1 shut-off-valve'],
            ['two fairy lights', '2 light-string'],
            ['aquarium heater of 200 W, two aquarium lights', '1 aquarium-heater 200; 2 aquarium-light'],
            ['lamp, heater and pump', '1 led-lamp; 1 portable-heater; 1 pond-pump'],
            ["lamp\nheater\npump", '1 led-lamp; 1 portable-heater; 1 pond-pump'],
            ["3\tlamps", '3 led-lamp'],
            ["lamps\t3", '3 led-lamp'],
            ["6\tlamps\n2\theaters\t2 kW\npump", '6 led-lamp; 2 portable-heater 2000; 1 pond-pump'],
            ["lamps\t6\t9 W\nheaters\t2\t2 kW", '6 led-lamp 9; 2 portable-heater 2000'],
            ['a kitchen lamp', '1 led-lamp'],
            ['two big garden pumps of 90 W', '2 pond-pump 90'],
            ['a motor of 90 W', '1 induction motor 90'],
            ['no neutral at the box', '| no'],
            ['a neutral', '| yes'],
            ['breaker 16 A', '| 16'],
            ['a 10 A breaker', '| 10'],
            ['air of 45 °C', '| 45'],
            ['switches 8 m away', '| 8'],
            ['wall switches up to 2,5 m away', '| by wall switch 2.5'],
            ['lanterns 8 m away', '', ['lanterns 8 m away']],
            ['buttons 800 m away', '', ['buttons 800 m away']],
            ['three free pins, one spare relay', '| 3 1'],
            ['at most 12 different parts', '| 12'],
            ['no larger than 100 x 60 mm', '| 0.1 0.06'],
            ['two supplies', '| no'],
            ['active low', '| low'],
            ['an expander', '| an expander'],
            ['own pins, transistors', '| single parts own pins'],
            ['a lamp in a wall box under 30', '1 led-lamp | in a wall box 30'],
            ['a lamp in a wall box under a roof', '', ['a lamp in a wall box under a roof']],
            ['a heat lamp', '', ['a heat lamp']],
            ['lamp; heater; pump', '1 led-lamp; 1 portable-heater; 1 pond-pump'],
            ['four lamps with wall switches', '4 led-lamp | by wall switch'],
            ['four lamps, a remote and network', '4 led-lamp | by infrared key, network topic'],
            ['four lamps by voice', '4 led-lamp by spoken name'],
            ['buttons, buttons', '| by push button'],
            ['wi-fi', '| by network topic'],
            ['a leak probe and a thermometer', '| senses leak-detector, temperature-sensor'],
            ['230 V', '| mains-230'],
            ['230V', '| mains-230'],
            ['240 volts', '| mains-230'],
            ['120 V mains', '| mains-120'],
            ['mains of 100 V', '| mains-100'],
            ['12 V only', '| dc-12'],
            ['24 volts dc', '| dc-24'],
            ['in a wall box', '| in a wall box'],
            ['behind the switch', '| in a wall box'],
            ['on a din rail', '| on a rail'],
            ['in a box on a lead', '| in a box on a lead'],
            ['in a sealed case', '| in a case'],
            ['under 40', '| 40'],
            ['at most 25.50 €', '| 25.5'],
            ['less than 30 £', '| 30'],
            ['40 euros or less', '| 40'],
            ['up to 19,90', '| 19.9'],
            ['hand-wired', '| hand-wired from ready modules'],
            ['on perfboard', '| perforated board'],
            ['assembled', '| assembled board with bare module'],
            ['esp32', '| esp32-carrier-38, esp32-carrier-30, esp32-module'],
            ['an ESP8266', '| esp8266-carrier-30, esp8266-carrier-16'],
            ['ESP32 on a perforated board', '| esp32-carrier-38, esp32-carrier-30, esp32-module perforated board'],
            ['ready modules, no expander', '| ready modules own pins'],
            ['only from the drawer', '| yes'],
            ['I want six lamps in a wall box', '6 led-lamp | in a wall box'],
            ['five lights under 30', '5 led-lamp | 30'],
            [
                'six lamps, two heaters 2 kW and a pump, wall switches, a remote and network, 230 V, in a wall box, under 40',
                '6 led-lamp; 2 portable-heater 2000; 1 pond-pump | by wall switch, infrared key, network topic mains-230 in a wall box 40',
            ],
            // Of these something, or nothing, is understood.
            ['a laser', '', ['a laser']],
            ['six lamps and a laser', '6 led-lamp', ['a laser']],
            ['lamps somewhere', '', ['lamps somewhere']],
            ['seventeen lamps', '', ['seventeen lamps']],
            ['0 lamps', '', ['0 lamps']],
            ['200 lamps', '', ['200 lamps']],
            ['333 V', '', ['333 V']],
            ['in the shed', '', ['in the shed']],
            ['cheap', '', ['cheap']],
            ['under a roof', '', ['under a roof']],
            ['a heater of 2 kV', '', ['a heater of 2 kV']],
            ['switches that glow', '', ['switches that glow']],
            ['esp42', '', ['esp42']],
            ['wall boxes for nobody', '', ['wall boxes for nobody']],
            ['lamp by telepathy', '', ['lamp by telepathy']],
            ['my old board, but better', '', ['my old board', 'but better']],
            ['two lamps, but nicer, 230 V', '2 led-lamp | mains-230', ['but nicer']],
            ['§$%', '', ['§$%']],
            ['pump pump', '', ['pump pump']],
            ['two', '', ['two']],
            ['must be safe', '', ['must be safe']],
            ['a heater and three kettles', '1 portable-heater', ['three kettles']],
            ['', ''],
        ];
        foreach ($all as $row) {
            yield $row[0] => $row;
        }
    }

    /** @param list<string> $left */
    #[DataProvider('sentences')]
    public function testItIsReadAsItIsMeant(string $sentence, string $meant, array $left = []): void
    {
        $reading = SentenceReader::read($sentence);
        self::assertSame($meant, self::told($reading->brief));
        self::assertSame($left, $reading->brief->notUnderstood);
        foreach ($reading->phrases as $phrase) {
            self::assertSame(
                $phrase->text,
                mb_substr($reading->brief->words, $phrase->at, mb_strlen($phrase->text)),
                'It stands where it is said to stand.',
            );
        }
    }

    public function testEnoughOfThemAreTried(): void
    {
        $all = iterator_to_array(self::sentences());
        self::assertGreaterThanOrEqual(60, count($all));
        self::assertGreaterThanOrEqual(20, count(array_filter($all, static fn(array $row): bool => [] !== ($row[2] ?? []))));
    }

    /** Every word leads to something that there is. */
    public function testTheWordsStandForPartsOfTheCatalogue(): void
    {
        $parts = [
            ...Words::APPLIANCES,
            ...Words::SENSORS,
            ...array_merge(...array_values(Words::CONTROLLERS)),
            ...array_values(Words::MAINS),
        ];
        foreach ($parts as $word => $part) {
            self::assertNotNull(TestBoards::catalogue()->part($part), $word . ': ' . $part);
        }
        foreach ([...array_keys(Words::APPLIANCES), ...array_keys(Words::WAYS), ...array_keys(Words::SENSORS)] as $word) {
            self::assertSame($word, mb_strtolower($word));
        }
        self::assertSame(['lamp', 'switch', 'battery', 'bus', 'box'], array_map(
            Words::singular(...),
            ['lamps', 'switches', 'batteries', 'bus', 'boxes'],
        ));
    }

    public function testAVeryLongSentenceIsRefused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        SentenceReader::read(str_repeat('lamp, ', 1000));
    }

    private static function told(Brief $brief): string
    {
        $lines = array_map(static fn(Wanted $one): string => trim(sprintf(
            '%d %s %s%s',
            $one->count,
            $one->appliance ?? $one->load->value ?? '?',
            null === $one->watts ? '' : (string) $one->watts,
            [] === $one->by ? '' : ' by ' . $one->by[0]->value,
        )), $brief->appliances);
        $more = implode(' ', array_filter([
            [] === $brief->by ? '' : 'by ' . implode(', ', array_map(static fn(SurfaceKind $one): string => $one->value, $brief->by)),
            [] === $brief->sensors ? '' : 'senses ' . implode(', ', $brief->sensors),
            $brief->mains ?? '',
            implode(', ', $brief->controllers),
            ...array_values(array_map(
                static fn(?Fact $fact): string => match (true) {
                    null === $fact => '',
                    is_bool($fact->value) => $fact->value ? 'yes' : 'no',
                    default => (string) ($fact->value instanceof \BackedEnum ? $fact->value->value : $fact->value),
                },
                array_filter(get_object_vars($brief), static fn(mixed $one): bool => $one instanceof Fact),
            )),
        ], static fn(string $one): bool => '' !== $one));

        return trim((string) preg_replace('/  +/', ' ', implode('; ', $lines) . ('' === $more ? '' : ' | ' . $more)));
    }
}
