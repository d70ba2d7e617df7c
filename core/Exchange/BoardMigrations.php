<?php

declare(strict_types=1);

namespace IronLatch\Core\Exchange;

use IronLatch\Core\Record\RecordFault;

/** Brings the data of an older board file to the present version, one step per version; what was said keeps its meaning. */
final class BoardMigrations
{
    /** What a place stood for in version 1: overvoltage category and pollution degree. */
    private const PLACES = [
        'box on a lead' => ['II: behind a plug', '2: dry and clean, as in a living room'],
        'wall box' => ['III: in the fixed installation', '2: dry and clean, as in a living room'],
        'enclosure on a rail' => ['III: in the fixed installation', '2: dry and clean, as in a living room'],
        'damp or dusty place' => ['III: in the fixed installation', '3: damp, dusty, or where dew is to be expected'],
    ];

    /** Where each fact of version 2 stands in version 3. */
    private const SECTIONS = [
        'mcu' => [
            'carrier' => 'carrier',
            'controllerRail' => 'rail',
            'controllerEntry' => 'entry',
            'printConfirmed' => 'printConfirmed',
            'usbTogether' => 'usbTogether',
            'resetPulled' => 'resetPulled',
            'programmingAccess' => 'programmingAccess',
            'innerMemory' => 'innerMemory',
        ],
        'program' => [
            'radioUsed' => 'radioUsed',
            'outputOrder' => 'outputOrder',
            'driveRaised' => 'driveRaised',
            'staggerSeconds' => 'staggerSeconds',
            'firmware' => 'firmware',
        ],
    ];

    /**
     * @param array<mixed> $data a board without its frame
     * @return array<mixed>
     * @throws RecordFault when the file says what its version cannot say
     */
    public static function upTo(int $version, int $from, array $data): array
    {
        foreach ([
            2 => self::fromOne(...),
            3 => self::fromTwo(...),
            4 => self::fromThree(...),
            5 => self::fromFour(...),
            6 => self::fromFive(...),
            7 => self::fromSix(...),
            8 => self::fromSeven(...),
            9 => self::fromEight(...),
        ] as $next => $step) {
            $data = $from < $next && $version >= $next ? $step($data) : $data;
        }

        return $data;
    }

    /**
     * Of switches that were moved while the board was dead, of memory and of watchdogs nobody had said anything.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     * @throws RecordFault when something of it is there already
     */
    private static function fromEight(array $data): array
    {
        $program = is_array($data['program'] ?? null) ? $data['program'] : [];
        foreach (array_intersect(['keptAfterSeconds', 'watchdogSeconds'], array_keys($program)) as $key) {
            throw self::later('program.' . $key, 8);
        }
        foreach (is_array($data['lines'] ?? null) ? $data['lines'] : [] as $id => $line) {
            if (is_array($line) && is_array($line['safety'] ?? null) && array_key_exists('switchAtStart', $line['safety'])) {
                throw self::later(sprintf('lines.%s.safety.switchAtStart', $id), 8);
            }
        }

        return $data;
    }

    /** What version 8 says of each of these, and version 7 could not. */
    private const SINCE_EIGHT = [
        'channels' => ['via', 'link', 'repeated', 'tier', 'region', 'reading', 'announcement'],
        'lines' => ['shownAs', 'room'],
        'lineGroups' => ['keys', 'lit'],
        'functions' => ['lamp', 'tells'],
    ];

    /**
     * Every channel reached the board itself, no key acted on a group, and of lamps, rooms and prices nobody had said anything.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     * @throws RecordFault when something of it is there already
     */
    private static function fromSeven(array $data): array
    {
        foreach (self::SINCE_EIGHT as $section => $keys) {
            foreach (is_array($data[$section] ?? null) ? $data[$section] : [] as $id => $one) {
                foreach (is_array($one) ? array_intersect($keys, array_keys($one)) : [] as $key) {
                    throw self::later(sprintf('%s.%s.%s', $section, $id, $key));
                }
            }
        }

        $firmware = is_array($data['program'] ?? null) ? $data['program']['firmware'] ?? null : null;
        if (is_array($firmware) && array_key_exists('tried', $firmware)) {
            throw self::later('program.firmware.tried');
        }

        return $data;
    }

    private static function later(string $place, int $version = 7): RecordFault
    {
        return new RecordFault($place, sprintf(
            'a file of version %d has no such key. Take it out, or write version %d throughout.',
            $version,
            $version + 1,
        ));
    }

    /**
     * Of what it is wanted for nobody had said anything.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     * @throws RecordFault when something of it is there already
     */
    private static function fromSix(array $data): array
    {
        return array_key_exists('brief', $data)
            ? throw new RecordFault('brief', 'a file of version 6 has no such key. Take it out, or write version 7 throughout.')
            : $data;
    }

    /**
     * Of how it is built nobody had said anything.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     * @throws RecordFault when something of it is there already
     */
    private static function fromFive(array $data): array
    {
        return array_key_exists('build', $data)
            ? throw new RecordFault('build', 'a file of version 5 has no such key. Take it out, or write version 6 throughout.')
            : $data;
    }

    /**
     * Of the wiring nobody had chosen anything: it is done as is usual.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     * @throws RecordFault when a choice is there already
     */
    private static function fromFour(array $data): array
    {
        return array_key_exists('wiring', $data)
            ? throw new RecordFault('wiring', 'a file of version 4 has no such key. Take it out, or write version 5 throughout.')
            : $data;
    }

    /**
     * The board gets the place where it stands; of the house around it nobody had said anything.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     * @throws RecordFault when such a place is there already
     */
    private static function fromThree(array $data): array
    {
        foreach (['places', 'houseCables'] as $later) {
            if (array_key_exists($later, $data)) {
                throw new RecordFault($later, 'a file of version 3 has no such key. Take it out, or write version 4 throughout.');
            }
        }
        $data['places'] = ['H1' => ['name' => 'The box', 'kind' => 'the board in its box']];
        if (is_array($data['lastIds'] ?? null)) {
            $data['lastIds']['H'] = 1;
        }

        return $data;
    }

    /**
     * What was said of the controller and of the program is gathered in a section each.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     * @throws RecordFault when such a section is there already
     */
    private static function fromTwo(array $data): array
    {
        foreach (self::SECTIONS as $section => $fields) {
            // Whoever wrote it there said something that is not to be lost in silence.
            if (array_key_exists($section, $data)) {
                throw new RecordFault($section, 'a file of version 2 has no such key. Take it out, or write version 3 throughout.');
            }
            $gathered = [];
            foreach ($fields as $old => $new) {
                if (array_key_exists($old, $data)) {
                    $gathered[$new] = $data[$old];
                    unset($data[$old]);
                }
            }
            $data[$section] = $gathered;
        }

        return $data;
    }

    /**
     * The place becomes the two facts that it stood for, and a distance that nobody measured a target.
     *
     * @param array<mixed> $data
     * @return array<mixed>
     */
    private static function fromOne(array $data): array
    {
        $box = $data['box'] ?? null;
        if (!is_array($box)) {
            return $data;
        }
        $place = $box['place'] ?? null;
        unset($box['place']);
        if (is_array($place)) {
            foreach (['stated', 'assumed'] as $known) {
                $facts = is_string($place[$known] ?? null) ? self::PLACES[$place[$known]] ?? null : null;
                if (null !== $facts) {
                    $box['overvoltage'] = [...$place, $known => $facts[0]];
                    $box['pollution'] = [...$place, $known => $facts[1]];
                }
            }
        }
        foreach (['clearanceMetres', 'creepageMetres'] as $distance) {
            $fact = $box[$distance] ?? null;
            if (is_array($fact) && isset($fact['stated'])) {
                $box[$distance] = ['target' => $fact['stated']];
            }
        }

        return [...$data, 'box' => $box];
    }
}
