import type { ThemeConfig } from "antd";
import { themes, type ThemeName } from "./tokens";

export const readFont = '"Atkinson Hyperlegible Next", system-ui, sans-serif';

/** The component library in our colours, type, and flatness: no shadow, no rounding, no colour of its own. */
export const antdTheme = (name: ThemeName): ThemeConfig => {
  const t = themes[name];
  return {
    token: {
      colorPrimary: t.live,
      colorInfo: t.live,
      colorSuccess: t.live,
      colorWarning: t.fail,
      colorError: t.fail,
      colorLink: t.live,
      colorLinkHover: t.ink,
      colorTextBase: t.ink,
      colorBgBase: t.ground,
      colorText: t.ink,
      colorTextSecondary: t.soft,
      colorTextTertiary: t.soft,
      colorTextQuaternary: t.soft,
      colorTextPlaceholder: t.soft,
      colorTextLightSolid: t.onLive,
      colorBgContainer: t.sheet,
      colorBgElevated: t.sheet,
      colorBgLayout: t.ground,
      colorBgMask: "rgba(10, 14, 14, 0.55)",
      colorBorder: t.soft,
      colorBorderSecondary: t.hairline,
      colorSplit: t.hairline,
      controlItemBgActive: t.wash,
      controlItemBgActiveHover: t.wash,
      controlItemBgHover: t.wash,
      controlOutline: t.wash,
      fontFamily: readFont,
      fontSize: 16,
      lineHeight: 1.4,
      borderRadius: 0,
      borderRadiusLG: 0,
      borderRadiusSM: 0,
      borderRadiusXS: 0,
      boxShadow: "none",
      boxShadowSecondary: "none",
      boxShadowTertiary: "none",
      controlHeight: 44,
      controlHeightLG: 48,
      controlHeightSM: 36,
      motion: false,
      wireframe: false,
    },
    components: {
      Button: { primaryShadow: "none", defaultShadow: "none", dangerShadow: "none", fontWeight: 600 },
      Input: { activeShadow: "none" },
      Select: { optionSelectedBg: t.wash, optionActiveBg: t.wash, optionSelectedColor: t.ink },
      Modal: { titleFontSize: 22, headerBg: t.sheet, contentBg: t.sheet },
    },
  };
};
