<?php

declare(strict_types=1);

namespace IronLatch\Core\Brief;

use IronLatch\Core\Board\Brief;
use IronLatch\Core\Board\SurfaceKind;
use IronLatch\Core\Board\Wanted;
use IronLatch\Core\Catalogue\LoadKind;
use IronLatch\Core\Quantity\NotAQuantity;
use IronLatch\Core\Quantity\QuantityParser;
use IronLatch\Core\Quantity\Unit;
use IronLatch\Core\Record\Copy;
use IronLatch\Core\Record\Fact;

/**
 * Reads a line of plain words into a brief. Pieces stand between commas, semicolons, lines and “and”; each is a count with an
 * appliance and its watts, a way to operate all of them, a sensor, something of the mains, a place, a ceiling, a form of build, a
 * school, a reserve, or a controller. What is none of these is kept as it was written, and nothing is guessed of it.
 */
final class SentenceReader
{
    /** As much as a text of a board file holds. */
    public const LONGEST = 2000;
    /** What may stand before a piece without meaning more. */
    private const FILLERS = '/^(?:please|i want|i need|we need|switch|switching|control|with|by|via|over|using|operated by|and|plus|also'
        . '|on|in|for|it lives|to live|built as|built on|as|of|made with|made from|all|to|fed by|through)\s+/u';
    private const NUMBER = '(\d+(?:[.,]\d+)?)';

    private Brief $brief;

    private function __construct()
    {
        $this->brief = new Brief();
    }

    /** @throws \InvalidArgumentException when it is longer than anybody writes, or asks for more than one board switches */
    public static function read(string $sentence): Reading
    {
        if (mb_strlen($sentence) > self::LONGEST) {
            throw new \InvalidArgumentException(sprintf('A sentence has at most %d characters. Say less of it at once.', self::LONGEST));
        }
        $sentence = self::onOneLine($sentence);
        $reader = new self();
        $phrases = [];
        foreach (self::pieces($sentence) as [$at, $text]) {
            $phrases[] = new Phrase($at, $text, $reader->understand($text));
        }
        $left = array_filter($phrases, static fn(Phrase $phrase): bool => null === $phrase->read);

        return new Reading($reader->with([
            'words' => $sentence,
            'notUnderstood' => array_values(array_map(static fn(Phrase $phrase): string => $phrase->text, $left)),
        ]), $phrases);
    }

    /**
     * @param array<string, mixed> $said by field of the brief
     */
    private function with(array $said): Brief
    {
        return $this->brief = Copy::of($this->brief, $said);
    }

    /**
     * @return list<array{int, string}> where each piece begins, and what it says
     */
    private static function pieces(string $sentence): array
    {
        // A comma between digits is a decimal mark; “and” parts pieces too.
        $parts = preg_split(
            '/(?:(?<!\d),|,(?!\d)|;|\.(?:\s|$)|(?<=\s)and(?=\s)|(?<=\s)with(?=\s)|(?<=\s)plus(?=\s))+/iu',
            $sentence,
            flags: PREG_SPLIT_OFFSET_CAPTURE,
        );
        $pieces = [];
        foreach (false === $parts ? [] : $parts as [$text, $offset]) {
            $trimmed = trim($text);
            if ('' !== $trimmed) {
                $before = substr($sentence, 0, $offset) . substr($text, 0, (int) strpos($text, $trimmed));
                $pieces[] = [mb_strlen($before), substr($sentence, strlen($before), strlen($trimmed))];
            }
        }

        return $pieces;
    }

    /**
     * As a board keeps it: rows become pieces, the cells of a row that begins or ends with a count belong together, and other cells are
     * pieces of their own. What no file may hold becomes a blank.
     */
    private static function onOneLine(string $sentence): string
    {
        $rows = (string) preg_replace_callback(
            '/^[ ]*(?:\d{1,3}\t[^\t\r\n]*|[^\t\r\n\d][^\t\r\n]*\t\d{1,3})(?:\t\d+(?:[.,]\d+)?[ ]?k?W)?[ ]*(?=\r?$)/imu',
            static fn(array $row): string => strtr($row[0], "\t", ' '),
            $sentence,
        );
        $rows = (string) preg_replace(['/\s*[\r\n\x{2028}\x{2029}]+\s*/u', '/\s*\t\s*/u'], ['; ', ', '], trim($rows));

        return trim((string) preg_replace('/[\p{Cc}\p{Cf}]+/u', ' ', $rows));
    }

    private function understand(string $text): ?string
    {
        $plain = self::plain($text);

        return $this->taken($plain) ?? $this->inTwo($plain);
    }

    private static function plain(string $text): string
    {
        $plain = mb_strtolower(trim((string) preg_replace('/\s+/u', ' ', $text), " \t!?:"));
        do {
            $before = $plain;
            $plain = (string) preg_replace(self::FILLERS, '', $plain);
        } while ($plain !== $before);

        return $plain;
    }

    /** “esp32 on a perforated board”, “lamps in a wall box”: two pieces, where each means something by itself. */
    private function inTwo(string $plain): ?string
    {
        foreach ([' on ', ' in ', ' for ', ' by ', ' at most ', ' under '] as $between) {
            $at = strpos($plain, $between);
            if (false === $at) {
                continue;
            }
            $kept = $this->brief;
            $second = ltrim(substr($plain, in_array($between, [' under ', ' at most '], true) ? $at : $at + strlen($between)));
            $one = $this->taken(substr($plain, 0, $at));
            $rest = self::plain($second);
            $other = null === $one ? null : $this->taken($rest) ?? $this->inTwo($rest);
            if (null !== $one && null !== $other) {
                return $one . ', ' . $other;
            }
            $this->brief = $kept;
        }

        return null;
    }

    private function taken(string $plain): ?string
    {
        return $this->ceiling($plain)
            ?? $this->voltage($plain)
            ?? $this->installation($plain)
            ?? $this->reserve($plain)
            ?? $this->school($plain)
            ?? $this->way($plain)
            ?? $this->sensor($plain)
            ?? $this->controller($plain)
            ?? $this->place($plain)
            ?? $this->appliance($plain);
    }

    /** “under 40”, “at most 25 €”, “40 € at most”, “at most 12 different parts”, “no larger than 100 × 60 mm”. */
    private function ceiling(string $plain): ?string
    {
        $limit = '(?:under|below|at most|less than|no more than|not more than|up to|max(?:imum)?|it may cost|no larger than|within)';
        $number = self::NUMBER;
        if (1 === preg_match("/^$limit $number\s*(?:x|×|by)\s*$number\s*(mm|cm)$/u", $plain, $match)) {
            $metres = 'cm' === $match[3] ? 0.01 : 0.001;
            [$length, $width] = [self::number($match[1]) * $metres, self::number($match[2]) * $metres];
            $this->with(['mostLengthMetres' => Fact::stated($length)]);
            $this->with(['mostWidthMetres' => Fact::stated($width)]);

            return sprintf('at most %g × %g mm', $length * 1000, $width * 1000);
        }
        if (1 === preg_match("/^$limit (\d{1,3}) (?:different|kinds of) parts$/u", $plain, $match)) {
            $this->with(['mostDifferent' => Fact::stated((int) $match[1])]);

            return sprintf('at most %d different parts', (int) $match[1]);
        }
        $money = $number . '\s*(?:[€£$]|eur|euros?|pounds?|dollars?)?';
        if (1 !== preg_match("/^$limit\s+$money$/u", $plain, $match)
            && 1 !== preg_match("/^$money\s+(?:at most|or less|maximum)$/u", $plain, $match)) {
            return null;
        }
        $this->with(['mostEuros' => Fact::stated(self::number($match[1]))]);

        return sprintf('one copy may cost %s', $match[1]);
    }

    /** “230 V”, “120 volts”, “mains 230V”, “12 V only”. */
    private function voltage(string $plain): ?string
    {
        $form = '/^(?:mains(?: of)? )?(\d{2,3})\s*(?:v|volts?|vac|v ac|v dc|volts? (?:ac|dc))(?: mains| only| supply)?$/u';
        if (1 !== preg_match($form, $plain, $match) || !isset(Words::MAINS[(int) $match[1]])) {
            return null;
        }
        $mains = Words::MAINS[(int) $match[1]];
        $this->with(['mains' => $mains]);

        return sprintf('%s of %d V', str_starts_with($mains, 'dc') ? 'supply' : 'mains', (int) $match[1]);
    }

    /** “no neutral at the box”, “breaker 16 A”, “40 °C inside”, “switches 8 m away”. */
    private function installation(string $plain): ?string
    {
        $number = self::NUMBER;
        if (1 === preg_match(
            '/^(?:(no|without a|without|a) )?neutral(?: (?:reaches it|at the (?:switch|box)|there|in the box|is there))?$/u',
            $plain,
            $match,
        )) {
            $isThere = !in_array($match[1] ?? '', ['no', 'without', 'without a'], true);
            $this->with(['neutral' => Fact::stated($isThere)]);

            return $isThere ? 'a neutral reaches it' : 'no neutral reaches it';
        }
        if (1 === preg_match("/^(?:an? |the )?(?:breaker(?: of)? $number\s*a|$number\s*a breaker)$/u", $plain, $match)) {
            $amps = self::number($match[2] ?? $match[1]);
            if ($amps <= 0 || $amps > 125) {
                throw new \InvalidArgumentException(
                    sprintf('A breaker of %g A is not found in a house. Write a rating up to 125 A.', $amps),
                );
            }
            $this->with(['breakerAmps' => Fact::stated($amps)]);

            return sprintf('a breaker of %g A', $amps);
        }
        if (1 === preg_match(
            "/^(?:air (?:of|at) |at )?$number\s*(?:°c|degrees|deg c|c)(?: (?:inside|in the box|air|there))?$/u",
            $plain,
            $match,
        )
            && self::number($match[1]) <= 90) {
            $this->with(['airCelsius' => Fact::stated(self::number($match[1]))]);

            return sprintf('air of %s °C inside', $match[1]);
        }
        if (1 === preg_match("/^(?:(.+?) )?(?:are )?(?:up to )?$number\s*(?:m|metres?|meters?) (?:away|of cable)$/u", $plain, $match)) {
            return $this->away($match[1], self::number($match[2]));
        }

        return null;
    }

    /** “switches 8 m away”, “5 m of cable”: of the hands, or of all that are named before. */
    private function away(string $what, float $metres): ?string
    {
        $isKnown = in_array($what, ['', 'switches', 'buttons', 'they', 'cables'], true);
        $way = $isKnown ? '' : $this->way($what);
        if (null === $way || $metres > 500) {
            return null;
        }
        $this->with(['handMetres' => Fact::stated($metres)]);

        return trim(sprintf('%s, %g m away', $way, $metres), ', ');
    }

    /** “three free pins”, “two spare relays”. */
    private function reserve(string $plain): ?string
    {
        [$count, $noun] = self::counted($plain);
        $field = ['free pin' => 'freePins', 'spare pin' => 'freePins', 'spare relay' => 'spareRelays', 'free relay' => 'spareRelays'];
        $is = $field[Words::singular($noun)] ?? null;
        if (null === $is || $count > 16) {
            return null;
        }
        $this->with([$is => Fact::stated($count)]);

        return sprintf('%d %s', $count, Words::singular($noun));
    }

    private function school(string $plain): ?string
    {
        $said = Words::schools()[$plain] ?? Words::schools()[self::bare($plain)] ?? null;
        if (null === $said) {
            return null;
        }
        [$field, $value] = $said;
        $this->with([$field => Fact::stated($value)]);

        return $value instanceof \BackedEnum ? (string) $value->value : $plain;
    }

    /** “wall switches”, “a remote”, “network”: for all lines. */
    private function way(string $plain): ?string
    {
        $way = Words::WAYS[self::bare($plain)] ?? null;
        if (null === $way) {
            return null;
        }
        $this->with(['by' => in_array($way, $this->brief->by, true) ? $this->brief->by : [...$this->brief->by, $way]]);

        return sprintf('each by %s', $way->value);
    }

    private function sensor(string $plain): ?string
    {
        $sensor = Words::SENSORS[self::bare($plain)] ?? null;
        if (null === $sensor) {
            return null;
        }
        $this->with(['sensors' => array_values(array_unique([...$this->brief->sensors, $sensor]))]);

        return sprintf('senses by %s', self::bare($plain));
    }

    private function controller(string $plain): ?string
    {
        $controller = Words::CONTROLLERS[self::bare($plain)] ?? null;
        if (null === $controller) {
            return null;
        }
        $this->with(['controllers' => array_values(array_unique([...$this->brief->controllers, ...$controller]))]);

        return sprintf('controller %s', strtoupper(self::bare($plain)));
    }

    private function place(string $plain): ?string
    {
        $home = Words::HOMES[$plain] ?? Words::HOMES[self::bare($plain)] ?? null;
        if (null !== $home) {
            $this->with(['home' => Fact::stated($home)]);
        }

        return $home?->value;
    }

    /** “six lamps”, “two heaters of 2 kW”, “a pump 60 W by a timer”, “a kitchen lamp”, “a 90 W motor”. */
    private function appliance(string $plain): ?string
    {
        [$plain, $by] = self::ownWay($plain);
        [$plain, $watts] = self::watts($plain);
        [$count, $noun] = self::counted($plain);
        $noun = Words::singular($noun);
        [$where, $what] = self::qualified($noun);
        $appliance = Words::APPLIANCES[$noun] ?? Words::APPLIANCES[$what] ?? null;
        $load = null === $appliance ? Words::LOADS[$what] ?? null : null;
        if ((null === $appliance && null === $load) || $count < 1 || $count > Wanted::MOST) {
            return null;
        }
        $name = mb_strtoupper(mb_substr($noun, 0, 1)) . mb_substr($noun, 1);
        $wanted = new Wanted($count, $name, $appliance, $watts, $load, by: null === $by ? [] : [$by]);
        $this->with(['appliances' => [...$this->brief->appliances, $wanted]]);

        return trim(sprintf(
            '%d × %s%s%s%s%s',
            $count,
            $what,
            '' === $where || isset(Words::APPLIANCES[$noun]) ? '' : sprintf(', called “%s”', $name),
            $load instanceof LoadKind ? sprintf(' (%s)', $load->value) : '',
            null === $watts ? '' : sprintf(' of %g W', $watts),
            null === $by ? '' : ' by ' . $by->value,
        ));
    }

    /**
     * “kitchen lamp” says where a lamp stands; “heat lamp” is none that the words know.
     *
     * @return array{string, string} what only says where or which, and the rest
     */
    private static function qualified(string $noun): array
    {
        $what = $noun;
        while (1 === preg_match('/^(' . implode('|', Words::WHERE) . ')\s+(.+)$/u', $what, $match)) {
            $what = $match[2];
        }

        return [trim(substr($noun, 0, strlen($noun) - strlen($what))), $what];
    }

    /**
     * @return array{string, ?SurfaceKind} the piece without its own way, and that way
     */
    private static function ownWay(string $plain): array
    {
        if (1 !== preg_match('/^(.+?)\s+(?:by|on|via|with|over)\s+(.+)$/u', $plain, $match)) {
            return [$plain, null];
        }
        $way = Words::WAYS[self::bare($match[2])] ?? null;

        return null === $way ? [$plain, null] : [$match[1], $way];
    }

    /**
     * @return array{string, ?float} the piece without its watts, and the watts
     */
    private static function watts(string $plain): array
    {
        $form = '/^(.*?)\s*[(,]?\s*(?:of |at |with )?(\d+(?:[.,]\d+)?\s*(?:k|m)?w(?:atts?)?)\s*(?:each)?\)?$/u';
        if (1 === preg_match($form, $plain, $match) && '' !== $match[1]) {
            return [$match[1], self::inWatts($match[2])];
        }
        if (1 === preg_match('/^(.*?)(\d+(?:[.,]\d+)?\s*k?w)\s+(.+)$/u', $plain, $match)) {
            return [trim($match[1] . $match[3]), self::inWatts($match[2])];
        }

        return [$plain, null];
    }

    private static function inWatts(string $written): ?float
    {
        $unit = preg_replace(['/w(atts?)?$/', '/\s+/'], ['W', ''], $written);
        try {
            $watts = QuantityParser::parse((string) $unit, Unit::Watt);
        } catch (NotAQuantity) {
            return null;
        }

        return $watts >= 1e-3 && $watts <= 50e3 ? $watts : throw new \InvalidArgumentException(sprintf(
            '%s is no power of an appliance. Take the figure from its rating plate; it lies between 1 mW and 50 kW.',
            trim($written),
        ));
    }

    /**
     * @return array{int, string} how many, and of what
     */
    private static function counted(string $plain): array
    {
        if (1 === preg_match('/^(\d{1,3})\s*(?:×|x)?\s*(.+)$/u', $plain, $match)) {
            return [(int) $match[1], $match[2]];
        }
        if (1 === preg_match('/^(.+?)\s*(?:×|x|\s)\s*(\d{1,3})$/u', $plain, $match)) {
            return [(int) $match[2], $match[1]];
        }
        foreach (Words::NUMBERS as $word => $number) {
            if (str_starts_with($plain, $word . ' ')) {
                return [$number, substr($plain, strlen($word) + 1)];
            }
        }

        return [1, $plain];
    }

    private static function number(string $written): float
    {
        return (float) str_replace(',', '.', $written);
    }

    /** Without its article and its plural. */
    private static function bare(string $plain): string
    {
        return Words::singular((string) preg_replace('/^(?:an?|the|one|some|each by an?)\s+/u', '', $plain));
    }
}
