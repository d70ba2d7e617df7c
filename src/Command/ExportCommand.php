<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Catalogue\FileCatalogue;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Review\Inspection;
use IronLatch\Export\Exports;
use IronLatch\Export\Handover;
use Psr\Clock\ClockInterface;
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

    public function __construct(private readonly Exports $exports, private readonly ClockInterface $clock)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this
            ->addArgument('file', InputArgument::REQUIRED, 'the board file, or - for standard input')
            ->addArgument(
                'what',
                InputArgument::REQUIRED,
                implode(', ', $this->exports->names()) . '; “sheet:C1” and the like for one thing of the board',
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
        $export = $this->exports->file(new Handover($inspection, $this->clock->now()->format('Y-m-d')), is_string($what) ? $what : '');
        if (null === $export) {
            $errors->writeln(
                sprintf(
                    'There is nothing called “%s” to export. Ask for one of: %s.',
                    is_string($what) ? $what : '',
                    implode(', ', $this->exports->of($inspection)),
                ),
                OutputInterface::OUTPUT_RAW,
            );

            return self::UNREADABLE;
        }
        $output->write($export->text, false, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }
}
