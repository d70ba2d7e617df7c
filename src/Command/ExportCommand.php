<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Catalogue\FileCatalogue;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\Constants;
use IronLatch\Core\Exchange\ConstantsFile;
use IronLatch\Core\Exchange\Headline;
use IronLatch\Core\Exchange\PinListCsv;
use IronLatch\Core\Exchange\Secrets;
use IronLatch\Core\Exchange\SetUpSheet;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('export', 'Prints what a board hands over: exit 0, or 2 when the file cannot be read or there is no such thing.')]
final class ExportCommand extends Command
{
    private const UNREADABLE = 2;

    protected function configure(): void
    {
        $this
            ->addArgument('file', InputArgument::REQUIRED, 'the board file, or - for standard input')
            ->addArgument(
                'what',
                InputArgument::REQUIRED,
                'pins, constants.h, constants.env, constants.json, secrets.h, or sheet:C1 (a channel, a receiver, “hand”, “own” or “light”)',
            );
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        [$file, $what] = [$input->getArgument('file'), $input->getArgument('what')];
        try {
            $inspection = new Inspection(
                BoardFile::read(is_string($file) ? $file : ''),
                FileCatalogue::load(dirname(__DIR__, 2) . '/catalogue'),
            );
        } catch (BoardFileFault $fault) {
            $errors->writeln($fault->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::UNREADABLE;
        }
        $text = self::text($inspection, is_string($what) ? $what : '');
        if (null === $text) {
            $errors->writeln(
                sprintf(
                    'There is nothing called “%s” to export. Ask for pins, constants.h, constants.env, constants.json, secrets.h, or one of: %s.',
                    is_string($what) ? $what : '',
                    implode(
                        ', ',
                        array_map(static fn(string $column): string => 'sheet:' . $column, array_keys(SetUpSheet::all($inspection))),
                    ),
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return self::UNREADABLE;
        }
        $output->write($text, false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    private static function text(Inspection $inspection, string $what): ?string
    {
        $board = $inspection->board;
        $report = Inspector::withRuleBook()->inspect($inspection);
        $remarks = static fn(string $title): array => [
            Headline::of($title, $board, $report, date('Y-m-d')),
            ...Headline::notes($board, $report),
        ];
        if (str_starts_with($what, 'sheet:')) {
            $sheet = SetUpSheet::all($inspection, $report)[substr($what, 6)] ?? null;

            return $sheet?->csv($remarks('Set-up of ' . $sheet->title));
        }

        return match ($what) {
            'pins' => PinListCsv::write($board, $report, date('Y-m-d')),
            'constants.h' => ConstantsFile::header(
                Constants::of($inspection),
                $remarks('Constants'),
                Headline::besideLines($board, $report),
            ),
            'constants.env' => ConstantsFile::keyValues(
                Constants::of($inspection),
                $remarks('Constants'),
                Headline::besideLines($board, $report),
            ),
            'constants.json' => ConstantsFile::json(
                Constants::of($inspection),
                $remarks('Constants'),
                Headline::besideLines($board, $report),
            ),
            'secrets.h' => Secrets::header($board),
            default => null,
        };
    }
}
