<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Board\FunctionKind;
use IronLatch\Core\Catalogue\Ability;
use IronLatch\Core\Catalogue\Controller;

/**
 * Reads a pin table as makers have it: CSV, a table copied from a page, or constants of a program in the usual spellings.
 *
 * Nothing is dropped: a row that cannot be read is returned with its text. Blank lines, comments and rulers are no rows.
 */
final class PinTable
{
    public const GREATEST_BYTES = 100_000;
    private const MOST_ROWS = 200;
    /** What a program writes before the name of a constant. */
    private const DECLARES = 'static|const|constexpr|unsigned|volatile|final|let|var|auto|int|long|short|'
        . 'char|byte|u?int\d*(?:_t)?|gpio_num_t';
    private const PIN = '[A-Za-z_]{0,12}\d{1,2}|VP|VN|TX|RX|SD\d|CMD|CLK|X\d+\.[A-Z]?\d+';

    /** Words in a name, and the kind that they speak of; the first that is found counts. */
    private const WORDS = [
        'sda' => FunctionKind::I2cData, 'scl' => FunctionKind::I2cClock, 'mosi' => FunctionKind::SpiOut, 'miso' => FunctionKind::SpiIn,
        'sck' => FunctionKind::SpiClock, 'zero' => FunctionKind::ZeroCross, 'zc' => FunctionKind::ZeroCross,
        'ir' => FunctionKind::InfraredReceiver, 'infrared' => FunctionKind::InfraredReceiver, 'receiver' => FunctionKind::InfraredReceiver,
        'remote' => FunctionKind::InfraredReceiver,
        'pir' => FunctionKind::MotionSensor, 'motion' => FunctionKind::MotionSensor, 'reed' => FunctionKind::ReedContact,
        'door' => FunctionKind::ReedContact,
        'leak' => FunctionKind::LeakProbe, 'flood' => FunctionKind::LeakProbe, 'onewire' => FunctionKind::OneWireSensor,
        'wire' => FunctionKind::OneWireSensor,
        'ds18b20' => FunctionKind::OneWireSensor, 'temp' => FunctionKind::OneWireSensor, 'temperature' => FunctionKind::OneWireSensor,
        'ldr' => FunctionKind::AnalogueSensor, 'adc' => FunctionKind::AnalogueSensor, 'analog' => FunctionKind::AnalogueSensor,
        'analogue' => FunctionKind::AnalogueSensor,
        'hum' => FunctionKind::AnalogueSensor, 'humidity' => FunctionKind::AnalogueSensor, 'sensor' => FunctionKind::AnalogueSensor,
        'button' => FunctionKind::Button, 'btn' => FunctionKind::Button, 'key' => FunctionKind::Button, 'push' => FunctionKind::Button,
        'switch' => FunctionKind::MaintainedSwitch, 'sw' => FunctionKind::MaintainedSwitch, 'toggle' => FunctionKind::MaintainedSwitch,
        'buzzer' => FunctionKind::Buzzer, 'beep' => FunctionKind::Buzzer, 'status' => FunctionKind::StatusLed,
        'led' => FunctionKind::StatusLed,
        'relay' => FunctionKind::RelayOutput, 'rel' => FunctionKind::RelayOutput, 'lamp' => FunctionKind::RelayOutput,
        'light' => FunctionKind::RelayOutput,
        'fan' => FunctionKind::RelayOutput, 'heater' => FunctionKind::RelayOutput, 'pump' => FunctionKind::RelayOutput,
        'valve' => FunctionKind::RelayOutput,
        'socket' => FunctionKind::RelayOutput, 'out' => FunctionKind::RelayOutput, 'tx' => FunctionKind::UartTransmit,
        'rx' => FunctionKind::UartReceive,
    ];

    /**
     * @return list<PinTableRow>
     * @throws \InvalidArgumentException when the text is too long, not text, or holds no row
     */
    public static function read(string $text, Controller $controller): array
    {
        if (strlen($text) > self::GREATEST_BYTES) {
            throw new \InvalidArgumentException(sprintf(
                'This text has more than %d kB. Paste the pin table alone.',
                self::GREATEST_BYTES / 1000,
            ));
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw new \InvalidArgumentException('This text is not encoded as UTF-8. Save it as UTF-8, or paste it from the screen.');
        }
        $own = OwnPinList::read($text);
        if (null !== $own) {
            return array_map(static fn(array $row): PinTableRow => self::row(
                $row['line'],
                $row['text'],
                $row['name'],
                $row['pin'],
                $controller,
                $row['kind'],
            ), $own);
        }
        $rows = [];
        $inComment = false;
        foreach (self::split('/\R/u', $text) as $index => $line) {
            if ($inComment || str_starts_with(trim($line), '/*')) {
                $inComment = !str_contains($line, '*/');
                continue;
            }
            if (self::isNothing($line)) {
                continue;
            }
            foreach (self::pairs($line) ?? [['', '']] as [$name, $pin]) {
                $rows[] = self::row($index + 1, trim($line), $name, $pin, $controller);
            }
            if (count($rows) > self::MOST_ROWS) {
                throw new \InvalidArgumentException(sprintf(
                    'This text has more than %d rows. Paste the pin table alone.',
                    self::MOST_ROWS,
                ));
            }
        }
        if ([] !== $rows && self::isHeading($rows[0])) {
            array_shift($rows);
        }

        return [] === $rows
            ? throw new \InvalidArgumentException(
                'There is no row in this text. Paste lines such as “Lamp relay, GPIO23”, “#define PUMP 5” or “fan = D6”.',
            )
            : $rows;
    }

    private static function isNothing(string $line): bool
    {
        $line = trim($line);

        return '' === $line || 1 === preg_match('~^(//|;|--|#(?!define\b)|/\*|\*|[{}\[\]();,]*$|#include|[-|:+=\s]+$)~i', $line);
    }

    /** A first row of column titles, such as “name, pin”. */
    private static function isHeading(PinTableRow $row): bool
    {
        return null === $row->reading?->best()
            && 1 === preg_match('/\b(pin|gpio|port)\b/i', $row->text)
            && 0 === preg_match('/\d/', $row->text);
    }

    /**
     * @return ?list<array{string, string}> names and pins; null where the line is in no known form
     */
    private static function pairs(string $line): ?array
    {
        $plain = trim((string) preg_replace('~(//|/\*).*$|(?<=\s)#(?!define).*$~', '', $line));
        // An array of a program: one row for each of its pins.
        if (1 === preg_match('/(\w+)\s*\[[^\]]*\]\s*=?\s*\{([^}]*)\}/', $plain, $match)) {
            $pairs = [];
            foreach (array_values(array_filter(
                array_map(trim(...), explode(',', $match[2])),
                static fn(string $one): bool => '' !== $one,
            )) as $number => $pin) {
                $pairs[] = [self::spoken($match[1]) . ' ' . ($number + 1), $pin];
            }

            return [] === $pairs ? null : $pairs;
        }
        $forms = [
            '/^#\s*define\s+(?<name>\w+)\s+\(?(?<pin>' . self::PIN . ')\)?$/i',
            '/^(?:(?:' . self::DECLARES . ')\s+)+(?<name>\w+)\s*(?:=|\{)\s*(?<pin>'
                . self::PIN
                . ')\s*\}?;?$/i',
            '/^[-\s]*["\']?(?<name>[^"\':=]+?)["\']?\s*[:=]\s*["\']?(?<pin>' . self::PIN . ')["\']?[,;]?$/i',
        ];
        foreach ($forms as $form) {
            if (1 === preg_match($form, $plain, $match)) {
                return [[self::spoken($match['name']), self::bare($match['pin'])]];
            }
        }

        return self::cells($plain);
    }

    /**
     * @return ?list<array{string, string}>
     */
    private static function cells(string $line): ?array
    {
        $line = trim($line, " \t|");
        $cells = match (true) {
            str_contains($line, '|') => explode('|', $line),
            str_contains($line, "\t") => explode("\t", $line),
            str_contains($line, ';') => str_getcsv($line, ';', '"', ''),
            str_contains($line, ',') => str_getcsv($line, ',', '"', ''),
            default => self::split('/\s{2,}|\s+[-–→>]+\s+/u', $line),
        };
        $cells = array_values(array_filter(
            array_map(static fn(?string $cell): string => trim((string) $cell), $cells),
            static fn(string $cell): bool => '' !== $cell,
        ));
        if (count($cells) < 2) {
            return null;
        }
        foreach ($cells as $place => $cell) {
            // A running number in the first column is no pin where another cell is one.
            $isPin = 1 === preg_match('/^(' . self::PIN . ')$/i', $cell);
            $laterPin = [] !== array_filter(
                array_slice($cells, $place + 1),
                static fn(string $other): bool => 1 === preg_match('/^(' . self::PIN . ')$/i', $other),
            );
            if ($isPin && !(is_numeric($cell) && $laterPin)) {
                $names = array_values(array_filter(
                    $cells,
                    static fn(string $other, int $at): bool => $at !== $place && !is_numeric($other),
                    ARRAY_FILTER_USE_BOTH,
                ));

                return [] === $names ? null : [[self::spoken($names[0]), self::bare($cell)]];
            }
        }

        return [[self::spoken($cells[0]), $cells[1]]];
    }

    /**
     * @return list<string>
     */
    private static function split(string $pattern, string $text): array
    {
        $parts = preg_split($pattern, $text);

        return false === $parts ? [] : $parts;
    }

    /** “GPIO_NUM_4” and “PIN_4” are ways to write GPIO4 and 4. */
    private static function bare(string $pin): string
    {
        return (string) preg_replace(['/^GPIO_NUM_/i', '/^GPIO[_ ]/i', '/^(PIN|P|IO)_?(?=\d+$)/i'], ['GPIO', 'GPIO', ''], trim($pin));
    }

    /** “kRelayPump_PIN” as a maker would say it: “Relay pump”. */
    private static function spoken(string $name): string
    {
        $name = (string) preg_replace('/([a-z])([A-Z])/', '$1 $2', trim($name));
        $name = (string) preg_replace('/([A-Za-z])(\d)/', '$1 $2', str_replace('_', ' ', $name));
        $words = array_values(array_filter(
            self::split('/\s+/', $name),
            static fn(string $word): bool => '' !== $word && !in_array(strtolower($word), ['pin', 'gpio', 'k'], true),
        ));
        $name = implode(
            ' ',
            array_map(static fn(string $word): string => 1 === preg_match('/^[A-Z]{4,}$/', $word) ? strtolower($word) : $word, $words),
        );

        return '' === $name ? '' : mb_strtoupper(mb_substr($name, 0, 1)) . mb_substr(mb_substr($name, 0, 110), 1);
    }

    private static function row(
        int $line,
        string $text,
        string $name,
        string $pin,
        Controller $controller,
        ?FunctionKind $kind = null,
    ): PinTableRow {
        if ('' === $name) {
            return new PinTableRow(
                $line,
                mb_substr($text, 0, 300),
                '',
                '',
                null,
                FunctionKind::SparePin,
                'This row is in no form that is known. Type its name and pin here, or leave it out.',
            );
        }
        $reading = $controller->read($pin);
        $kind ??= self::kindOf($name);
        $pinFound = $reading->best()?->chip;
        if (null !== $pinFound && !$pinFound->can(Ability::Input) && !$pinFound->can(Ability::Output)) {
            // Whatever its name says, this pin can only measure.
            $kind = FunctionKind::AnalogueSensor;
        }

        return new PinTableRow($line, mb_substr($text, 0, 300), $name, $pin, $reading, $kind
            ?? FunctionKind::RelayOutput, implode(' ', array_filter([
                null === $reading->best() ? sprintf(
                    'The %s leads out no pin called “%s”; without one it comes in with no pin.',
                    $controller->carrier->identity->name,
                    $pin,
                ) : '',
                $reading->isAmbiguous() ? sprintf(
                    '“%s” is the print of %s and the number of %s.',
                    $pin,
                    $reading->asLabel?->name() ?? '',
                    $reading->asNumber?->name() ?? '',
                ) : '',
                null === $kind ? 'The name does not tell what it is: choose its kind, and tick it.' : '',
            ], static fn(string $part): bool => '' !== $part)), null !== $kind);
    }

    private static function kindOf(string $name): ?FunctionKind
    {
        $words = self::split('/[^a-z0-9]+/', strtolower($name));
        foreach (self::WORDS as $word => $kind) {
            if (in_array($word, $words, true) || in_array(
                $word,
                array_map(static fn(string $one): string => rtrim(rtrim($one, '0123456789'), 's'), $words),
                true,
            )) {
                return $kind;
            }
        }

        return null;
    }
}
