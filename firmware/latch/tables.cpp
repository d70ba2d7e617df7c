#define LATCH_TABLES
#include "tables.h"
