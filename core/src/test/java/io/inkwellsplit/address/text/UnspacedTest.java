package io.inkwellsplit.address.text;

import static org.assertj.core.api.Assertions.assertThat;

import io.inkwellsplit.text.Tokens;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Words of scripts that have no blanks between them. */
class UnspacedTest {
    private static List<String> words(String text) {
        Tokens tokens = new Tokens();
        tokens.read(text);
        new Unspaced().part(tokens);
        List<String> words = new ArrayList<>();
        for (int i = 0; i < tokens.count(); i++) {
            words.add(text.substring(tokens.start(i), tokens.end(i)));
        }
        return words;
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            東京都千代田区丸の内1-9-2        | 東京都 千代田区 丸の内 1-9-2
            大阪府大阪市北区梅田3丁目1番3号  | 大阪府 大阪市 北区 梅田 3 丁目 1 番 3 号
            京都府京都市中京区                | 京都府 京都市 中京区
            三重県四日市市                    | 三重県 四日市市
            港区海岸グリーンタワー5階        | 港区 海岸 グリーンタワー 5 階
            广东省深圳市南山区海德三道126号   | 广东省 深圳市 南山区 海德三道 126 号
            江苏省南京市鼓楼区北京西路72号    | 江苏省 南京市 鼓楼区 北京西路 72 号
            山东省青岛市市南区香港中路40号    | 山东省 青岛市 市南区 香港中路 40 号
            中国广东深圳南山区                | 中国 广东 深圳 南山区
            中山北路二段8號3樓                | 中山 北路 二段 8 號 3 樓
            世纪大道100号院3号楼1203室        | 世纪大道 100 号院 3 号楼 1203 室
            서울특별시 종로구 사직로 161      | 서울특별시 종로구 사직로 161
            103동 1502호                      | 103 동 1502 호
            88 ถนนเจริญกรุง แขวงบางรัก        | 88 ถนน เจริญกรุง แขวง บางรัก
            12 Main St, Barre                 | 12 Main St , Barre
            г. Москва                         | г. Москва
            """)
    void areFound(String text, String words) {
        assertThat(words(text)).containsExactly(words.split(" "));
    }

    /** Whatever is joined and cut, every sign is in one word, and the words stand in their order. */
    @Property
    void nothingIsLostOrTwice(
            @ForAll
                    @CharRange(from = '\u4e00', to = '\u4e20')
                    @CharRange(from = '\u30a1', to = '\u30b0')
                    @CharRange(from = '0', to = '3')
                    @CharRange(from = '\u0e16', to = '\u0e1a')
                    @CharRange(from = '\uac00', to = '\uac05')
                    @StringLength(max = 30)
                    String drawn) {
        String text = drawn.replace('\u4e03', '市').replace('\u4e05', '区').replace('\u4e07', '号');
        assertThat(String.join("", words(text))).isEqualTo(text);
    }
}
