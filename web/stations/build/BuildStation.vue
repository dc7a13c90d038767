<template><p>soon</p></template>
