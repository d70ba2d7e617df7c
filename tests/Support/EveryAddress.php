<?php

declare(strict_types=1);

namespace IronLatch\Tests\Support;

use IronLatch\Core\Bench\TrialPlan;
use IronLatch\Core\Board\Board;
use IronLatch\Core\Control\ControlMap;
use IronLatch\Core\Exchange\Firmware\PanelPage;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Report;
use IronLatch\Core\Wiring\Connections;
use IronLatch\Export\Export;
use IronLatch\Screen\Screen;
use IronLatch\View\WiringDrawing;

/** Every address at which something of a board is looked at or fetched: views with each drawer, fragments, exports. */
final class EveryAddress
{
    /**
     * @return array<string, list<string>> addresses behind the board’s own, by the name of their route
     */
    public static function of(Board $board, Report $report): array
    {
        $all = [
            'board_view' => array_map(static fn(string $screen): string => $screen::name(), Implementations::of(Screen::class)),
            'board_file' => ['board.json'],
            'log_mark' => ['log/mark'],
            'board_live_mark' => ['bench/mark'],
            'log_file' => ['log.json', 'log.json?nameless=1'],
            'board_piece' => ['pieces/build.sheet', 'pieces/findings'],
            'board_preview' => ['previews/build.sheet', 'previews/findings'],
            'board_panel' => null === PanelPage::channel(new Inspection($board)) ? [] : ['panel'],
        ];
        foreach (Implementations::of(Export::class) as $export) {
            foreach ((new $export())->subjects(new Inspection($board)) as $subject) {
                $all['board_export'][] = 'exports/' . $export::name() . ('' === $subject ? '' : ':' . $subject);
            }
        }
        foreach ($board->lines as $line => $one) {
            foreach (['name', 'hand', 'pin', 'driver', 'coil', 'contact', 'appliance'] as $part) {
                $all['board_view'][] = "lines?open=$line.$part";
            }
            array_push($all['board_view'], "mains?open=$line", "controls?open=$line");
            foreach (array_keys($one->surfaces) as $surface) {
                $all['board_view'][] = "controls?open=$surface";
            }
        }
        foreach (array_keys(WiringDrawing::TABS) as $tab) {
            $all['board_view'][] = 'wiring?open=' . $tab;
        }
        $connections = Connections::of($board);
        $things = [...array_keys($connections->devices), ...array_keys($connections->wires), ...array_keys($board->lines)];
        foreach ($things as $place => $thing) {
            if (0 === $place % 7) {
                $all['board_view'][] = ['wiring?open=low.', 'wiring?open=hand.', 'wiring?open=mains.'][$place % 3] . $thing;
            }
        }
        $all['board_sheets'] = ['sheets'];
        foreach (['channels', 'together', 'infrared', 'lamps', 'outages', 'out-radio', 'messages', 'program', 'drift'] as $around) {
            $all['board_view'][] = 'controls?open=' . $around;
        }
        foreach (['house', 'faults', ...array_keys($board->places), ...array_keys($board->houseCables)] as $around) {
            $all['board_view'][] = 'mains?open=' . $around;
        }
        foreach (array_keys($board->functions) as $function) {
            $all['board_view'][] = 'pins?open=' . $function;
            $all['pins_straps'][] = "pins/$function/straps";
        }
        $all['pins_comparison'] = ['pins/comparison'];
        foreach ($board->actuators() as $actuator => $one) {
            $all['board_view'][] = 'drive?open=' . $actuator;
            $all['drive_ways'][] = "drive/$actuator/ways";
            $all['drive_spread'][] = "drive/$actuator/spread";
            foreach (array_keys(get_object_vars($one->driver)) as $value) {
                $all['drive_sketch'][] = sprintf('drive/%s/sketch/%s?step=3', $actuator, $value);
            }
        }
        foreach (array_keys($board->rails) as $rail) {
            $all['board_view'][] = "power?open=$rail.on";
            $all['power_offers'][] = "power/$rail/offers";
            foreach (['pull-in', '0.1', 'cold-start'] as $event) {
                $all['power_waveform'][] = "power/$rail/waveform?event=$event";
                $all['board_export'][] = "exports/rail:$rail?event=$event";
            }
        }
        $all['board_live_look'] = ['bench/look', 'bench/look?at=500000&why=3'];
        $all['board_shows'] = ['bench/shows'];
        $all['board_replay'] = array_map(
            static fn(int $place): string => 'bench/trial/' . $place,
            [] === TrialPlan::of($board, ControlMap::of($board))[0] ? [] : [0],
        );
        $all['controls_sheets'] = ['set-up'];
        $all['controls_messages'] = ['messages'];
        foreach (array_keys(SetUpSheet::all(new Inspection($board))) as $column) {
            $all['controls_sheet'][] = 'sheets/' . $column;
        }
        foreach ($report->findings as $finding) {
            $all['board_view'][] = 'finding?open=' . rawurlencode($finding->key());
            $all['board_show'][] = 'bench/show?finding=' . rawurlencode($finding->key());
            $all['board_offers'][] = 'offers?finding=' . rawurlencode($finding->key());
        }

        return $all;
    }
}
