<?php

declare(strict_types=1);

namespace IronLatch\Command;

use IronLatch\Core\Catalogue\Catalogue;
use IronLatch\Core\Exchange\BoardFileFault;
use IronLatch\Core\Layout\Decisions;
use IronLatch\Core\Layout\Doubt;
use IronLatch\Core\Layout\Returned;
use IronLatch\Core\Layout\Unreadable;
use IronLatch\Core\Review\Inspection;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('compare', 'Holds what came back from a layout desk against a board: exit 0, 1 when they differ, 2 when it cannot be read.')]
final class CompareCommand extends Command
{
    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'a board file, or - for standard input');
        $this->addArgument('returned', InputArgument::REQUIRED, 'a netlist, a parts list or a placement list that came back');
        $this->addOption('beside', null, InputOption::VALUE_REQUIRED, 'the netlist of the same layout, by which a placement list is told');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $board = BoardFile::read(self::word($input->getArgument('file')));
            $beside = self::word($input->getOption('beside'));
            $read = Returned::read(
                new Inspection($board, $this->catalogue),
                self::bytes(self::word($input->getArgument('returned'))),
                new Decisions(),
                '' === $beside ? null : static fn(): string => self::bytes($beside),
            );
        } catch (BoardFileFault|Unreadable $fault) {
            $output->writeln($fault->getMessage(), OutputInterface::OUTPUT_RAW);

            return Command::INVALID;
        }
        foreach ($read->findings as $finding) {
            $output->writeln(sprintf('%s: %s', $finding->severity->value, $finding->statement), OutputInterface::OUTPUT_RAW);
        }
        foreach ([...array_map(static fn(Doubt $doubt): string => $doubt->statement, $read->doubts), ...$read->notes] as $said) {
            $output->writeln($said, OutputInterface::OUTPUT_RAW);
        }
        $output->writeln(sprintf('%s: %s', ucfirst($read->kind->value), $read->verdict()));

        return $read->agrees() ? Command::SUCCESS : Command::FAILURE;
    }

    private static function word(mixed $given): string
    {
        return is_string($given) ? $given : '';
    }

    private static function bytes(string $path): string
    {
        $bytes = is_file($path) && is_readable($path) ? file_get_contents($path) : false;

        return false === $bytes ? throw new Unreadable(sprintf('%s cannot be read. Name a file that came back.', $path)) : $bytes;
    }
}
