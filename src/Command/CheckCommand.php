<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Catalogue\FileCatalogue;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Exchange\CheckReport;
use IronLatch\Core\Review\Inspection;
use IronLatch\Core\Review\Inspector;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand(
    'check',
    'Checks a board file: exit 0 when every checked latch is shut, 1 when one is open, 2 when the file cannot be read or holds nothing to '
        . 'check.',
)]
final class CheckCommand extends Command
{
    private const UNREADABLE = 2;

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'the board file, or - for standard input');
        $this->addOption('format', null, InputOption::VALUE_REQUIRED, 'text or json', 'text');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        $file = $input->getArgument('file');
        $format = $input->getOption('format');
        if (!is_string($file) || !in_array($format, ['text', 'json'], true)) {
            $errors->writeln('The format is text or json: --format=text or --format=json.', OutputInterface::OUTPUT_RAW);

            return self::UNREADABLE;
        }
        try {
            $board = BoardFile::read($file);
        } catch (BoardFileFault $fault) {
            $errors->writeln($fault->getMessage(), OutputInterface::OUTPUT_RAW);

            return self::UNREADABLE;
        }
        $report = Inspector::withRuleBook()->inspect(new Inspection($board, FileCatalogue::load(dirname(__DIR__, 2) . '/catalogue')));
        $output->write(
            'json' === $format ? CheckReport::json($board, $report) : CheckReport::text($board, $report),
            false,
            OutputInterface::OUTPUT_RAW,
        );

        if ($report->isEmpty()) {
            $errors->writeln(
                'There is nothing to check: this board has no line yet. Add what is to be switched first.',
                OutputInterface::OUTPUT_RAW,
            );

            return self::UNREADABLE;
        }

        return $report->isEveryCheckedLatchShut() ? Command::SUCCESS : Command::FAILURE;
    }
}
