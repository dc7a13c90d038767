<template><main>soon</main></template>
