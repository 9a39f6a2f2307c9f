<script setup lang="ts">
import type { OperationDesk } from './useOperation';
import { useWorkBar } from './useWorkBar';

/** The reading bar of an operation whose card asks for none of its own; draws nothing itself. */
const props = defineProps<{ desk: OperationDesk }>();
useWorkBar(props.desk);
</script>

<template><i hidden /></template>
